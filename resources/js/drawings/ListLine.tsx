import type { ReactNode } from 'react';

import type { Finding, PlannedJob } from '../api/types';
import { worstOn } from './treeFigures';
import classes from './UprightList.module.css';

export interface ListShown {
    job: PlannedJob;
    /** the part in hand, as "feed:house" */
    selected: string;
    onSelect: (on: string) => void;
}

interface Props extends ListShown {
    on: string;
    look: 'bank' | 'battery' | 'box' | 'run' | 'block';
    /** whose findings are signed; undefined: of every stage */
    stage?: Finding['stage'];
    /** whether a change that is looked at would touch it */
    touched?: boolean;
    run?: string;
    children: ReactNode;
}

const SIGNS: Record<Finding['level'], string | null> = { stop: '⬣ stop', warn: '▲ decide', note: null };

/** A part in a list that stands for a drawing: pressed, it is in hand; what speaks against it is signed in words. */
export function ListLine({ job, selected, onSelect, on, look, stage, touched = false, run, children }: Props) {
    const worst = worstOn(job, on, stage);
    const sign = worst === null ? null : SIGNS[worst];
    return (
        <button type="button" className={`${classes.line} ${classes[look] ?? ''}`} aria-pressed={selected === on} data-worst={sign === null ? undefined : worst} data-touched={touched || undefined} data-run={run} onClick={() => onSelect(on)}>
            {children}
            {sign !== null && <span className={classes.sign}>{sign}</span>}
        </button>
    );
}
