import type { ReactNode } from 'react';

import classes from './WhyFigure.module.css';

/** A figure that answers "why?": selected, it opens its reason. */
export function WhyFigure({ figure, onWhy, mark, children }: { figure: string; onWhy: (figure: string) => void; mark?: string; children: ReactNode }) {
    return (
        <button type="button" className={classes.figure} data-figure={mark ?? figure} title="Why?" onClick={() => onWhy(figure)}>
            {children}
        </button>
    );
}
