import { Button, Drawer } from '@mantine/core';
import type { ReactNode } from 'react';

import type { PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Inspector } from '../inspector/Inspector';
import type { PlanEdits } from '../plan/usePlanEdits';
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
            <Drawer.Root opened={opened} onClose={() => onOpened(false)} position="bottom" size="80%" transitionProps={{ duration: 0 }}>
                <Drawer.Overlay />
                <Drawer.Content aria-label="In hand">
                    <Drawer.Body p={0}>
                        <Inspector job={job} edits={edits} on={on} onSelect={onSelect} onClose={() => onOpened(false)}>
                            {about}
                        </Inspector>
                    </Drawer.Body>
                </Drawer.Content>
            </Drawer.Root>
        </>
    );
}
