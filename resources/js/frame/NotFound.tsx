import { useDocumentTitle } from '@mantine/hooks';
import { Link, useLocation } from 'react-router-dom';

import classes from './Stage.module.css';

/** An address that shows nothing. */
export function NotFound() {
    useDocumentTitle('Nothing here · Dinghy');
    return (
        <main className={classes.alone}>
            <h1>There is nothing at this address</h1>
            <p>{useLocation().pathname} is no page of Dinghy. It may be mistyped, or what it showed is gone.</p>
            <Link to="/">To the shed</Link>
        </main>
    );
}
