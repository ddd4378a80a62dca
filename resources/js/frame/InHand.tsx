import { Button } from '@mantine/core';
import type { ReactNode } from 'react';

import type { PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Inspector } from '../inspector/Inspector';
import type { PlanEdits } from '../plan/usePlanEdits';
import { Below } from './Below';
import classes from './InHand.module.css';
import { StepButtons } from './StepButtons';

export interface InHandProps {
    job: PlannedJob;
    edits: PlanEdits;
    /** the part in hand, as "battery:b1", or "plan" */
    on: string;
    onSelect: (on: string) => void;
    /** what was computed of it, and what the rules say */
    about?: ReactNode;
    opened: boolean;
    onOpened: (opened: boolean) => void;
}

/** The part in hand on a phone: its name at the thumb, its fields from below. */
export function InHandBelow({ job, edits, on, onSelect, about, opened, onOpened }: InHandProps) {
    return (
        <>
            <div className={classes.bar}>
                <StepButtons job={job} edits={edits} />
                <Button className={classes.hand} size="md" onClick={() => onOpened(true)}>
                    In hand: {partName(job, on)}
                </Button>
            </div>
            <Below label="In hand" opened={opened} onClose={() => onOpened(false)}>
                <Inspector job={job} edits={edits} on={on} onSelect={onSelect} onClose={() => onOpened(false)}>
                    {about}
                </Inspector>
            </Below>
        </>
    );
}
