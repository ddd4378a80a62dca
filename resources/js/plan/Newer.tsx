import { Button } from '@mantine/core';

import type { PatchStep, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import classes from './Findings.module.css';
import type { PlanEdits } from './usePlanEdits';

/** Parts whose catalogue has other figures now than the plan took over. The plan keeps its own until they are taken. */
export function Newer({ job, edits, onLook }: { job: PlannedJob; edits: PlanEdits; onLook: (patch: PatchStep[] | null) => void }) {
    return (
        <>
            <h3 className={classes.heading}>The catalogue has newer figures</h3>
            <ul className={classes.asked}>
                {job.newer.map((newer) => (
                    <li key={newer.on} className={classes.missing}>
                        <span>
                            {newer.changes.join('; ')}
                        </span>
                        {job.can_change && (
                            <Button
                                size="compact-xs"
                                variant="outline"
                                aria-label={`Take the newer figures of ${partName(job, newer.on)}`}
                                onFocus={() => onLook(newer.patch)}
                                onBlur={() => onLook(null)}
                                onClick={() => {
                                    onLook(null);
                                    void edits.submit(() => ({ patch: newer.patch }));
                                }}
                            >
                                Take the newer figures
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </>
    );
}
