import { UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';

import classes from './WhyFigure.module.css';

interface Props {
    figure: string;
    onWhy: (figure: string) => void;
    /** what the figure is known by, where that is not its name for the reason */
    mark?: string;
    /** one of many in a table: passed by when walking with the Tab key, since key w lists them all */
    passedBy?: boolean;
    children: ReactNode;
}

/** A figure that answers "why?": selected, it opens its reason. */
export function WhyFigure({ figure, onWhy, mark, passedBy = false, children }: Props) {
    return (
        <UnstyledButton className={classes.figure} data-figure={mark ?? figure} title="Why?" tabIndex={passedBy ? -1 : undefined} onClick={() => onWhy(figure)}>
            {children}
        </UnstyledButton>
    );
}
