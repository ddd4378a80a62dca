import type { ReactNode, Ref } from 'react';

import classes from './Region.module.css';

interface Props {
    /** what it holds */
    label: string;
    ref?: Ref<HTMLDivElement>;
    children: ReactNode;
}

/** What may be larger than its room: it is scrolled, by keys too, and a shade at its edge says that there is more. */
export function Region({ label, ref, children }: Props) {
    return (
        <div ref={ref} className={classes.region} tabIndex={0} role="region" aria-label={label}>
            {children}
        </div>
    );
}
