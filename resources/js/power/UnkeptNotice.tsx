import { Button } from '@mantine/core';

import classes from './UnkeptNotice.module.css';
import type { PlanEdits } from './usePlanEdits';

/** A change that the server does not hold: said plainly, with what can be done about it. Nothing is lost meanwhile. */
export function UnkeptNotice({ edits }: { edits: PlanEdits }) {
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
                    {field.on.replace(':', ' ')}, {field.path}: yours <strong>{written(field.yours)}</strong>, theirs <strong>{written(field.theirs)}</strong>
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

function written(value: unknown): string {
    return value === null || value === undefined ? 'not given' : typeof value === 'string' ? value : JSON.stringify(value);
}
