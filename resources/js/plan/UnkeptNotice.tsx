import { Button } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import { deviceName, partOf } from './planParts';
import classes from './UnkeptNotice.module.css';
import type { PlanEdits } from './usePlanEdits';

/** A change that the server does not hold: said plainly, with what can be done about it. Nothing is lost meanwhile. */
export function UnkeptNotice({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const { unkept } = edits;
    if (unkept === null) {
        return null;
    }
    const fields = unkept.clash?.fields ?? [];
    return (
        <div role="alert" className={classes.notice}>
            <p className={classes.message}>{unkept.message}</p>
            {fields.map((field) => (
                <p key={`${field.on} ${field.path}`} className={classes.values}>
                    {partName(job, field.on)}, {FIELDS[field.path] ?? field.path}: yours <strong>{written(field.yours)}</strong>, theirs <strong>{written(field.theirs)}</strong>
                </p>
            ))}
            <div className={classes.acts}>
                {unkept.worthRepeating && (
                    <Button size="compact-md" onClick={edits.sendAgain}>
                        Send it again
                    </Button>
                )}
                {fields.length > 0 && (
                    <Button size="compact-md" onClick={edits.sendAgain}>
                        Put mine over theirs
                    </Button>
                )}
                <Button size="compact-md" variant="outline" onClick={edits.letGo}>
                    {fields.length > 0 ? 'Leave theirs' : 'Let it go'}
                </Button>
            </div>
        </div>
    );
}

/** What people call the fields that are changed in place. */
const FIELDS: Record<string, string> = {
    'run.gauge': 'gauge',
    'run.length_m': 'length in m',
    'run.route': 'route',
    fuse_a: 'fuse in A',
    'protection.0.rating_a': 'fuse in A',
    'protection.0.from_source_m': 'distance from the post in m',
};

function partName(job: PlannedJob, on: string): string {
    const run = job.evaluation.runs.find((candidate) => partOf(candidate) === on);
    return run?.label ?? (on.startsWith('device:') ? deviceName(job.plan, on.slice('device:'.length)) : on.replace(':', ' '));
}

function written(value: unknown): string {
    return value === null || value === undefined ? 'not given' : typeof value === 'string' ? value : JSON.stringify(value);
}
