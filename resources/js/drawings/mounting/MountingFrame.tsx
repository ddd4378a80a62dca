import type { ReactNode } from 'react';

import classes from './mounting.module.css';

export interface Answered {
    /** null: something is not known yet */
    good: boolean | null;
    label: string;
}

export interface Measured extends Answered {
    /** as the plan holds them */
    measures: Record<string, number | boolean | string | undefined>;
}

/** The frame of a small drawing that follows its measures: sound, speaking against, or not known by its edge. */
export function MountingFrame({ box, good, label, children }: Answered & { box: string; children: ReactNode }) {
    return (
        <svg viewBox={box} className={classes.drawing} role="img" aria-label={label} data-good={good ?? 'unknown'}>
            {children}
        </svg>
    );
}

/** A measure by name; what nobody has measured is drawn as is usual. */
export function measuresOf(measures: Measured['measures']): (name: string, usual?: number) => number {
    return (name, usual = 0) => (typeof measures[name] === 'number' ? measures[name] : usual);
}
