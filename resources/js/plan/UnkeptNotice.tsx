import { Button } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import type { Change } from './changes';
import type { Unkept } from './editQueue';
import { labelOf } from '../api/forms';
import { partName } from '../boat/parts';
import classes from './UnkeptNotice.module.css';
import type { PlanEdits } from './usePlanEdits';

/** Changes that the server does not hold, and those of which nobody knows: said plainly, with what can be done about each. */
export function UnkeptNotice({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const { line, waiting, unkept, silence } = edits;
    const wait = waiting === 1 ? 'One change waits' : `${waiting} changes wait`;
    return (
        <>
            {line === 'silent' && (
                <div role="alert" className={classes.notice} data-unknown>
                    <p className={classes.message}>Not known yet: {silence}</p>
                    <p className={classes.more}>{wait} and {waiting === 1 ? 'will be sent once' : 'will be sent in their order, each once'}; the server is asked again by itself. Nothing is lost when this page is closed.</p>
                    <div className={classes.acts}>
                        <Button size="compact-md" onClick={edits.sendOn}>
                            Ask now
                        </Button>
                    </div>
                </div>
            )}
            {line === 'clear' && waiting > 0 && (
                <div role="status" className={classes.notice}>
                    <p className={classes.message}>{wait} here for the person who made them: they go on when they sign in in this browser.</p>
                </div>
            )}
            {unkept.map((one) => (
                <Refusal key={one.id} job={job} unkept={one} edits={edits} />
            ))}
        </>
    );
}

function Refusal({ job, unkept, edits }: { job: PlannedJob; unkept: Unkept; edits: PlanEdits }) {
    const fields = unkept.clash?.fields ?? [];
    return (
        <div role="alert" className={classes.notice}>
            <p className={classes.message}>{unkept.message}</p>
            {typed(unkept.change) !== null && <p className={classes.values}>You typed “{typed(unkept.change)}”.</p>}
            {fields.map((field) => (
                <p key={`${field.on} ${field.path}`} className={classes.values}>
                    {partName(job, field.on)}, {labelOf(field.on, field.path)}: yours <strong>{written(field.yours)}</strong>, theirs <strong>{written(field.theirs)}</strong>
                </p>
            ))}
            <div className={classes.acts}>
                {fields.length > 0 && (
                    <Button size="compact-md" onClick={() => edits.over(unkept.id)}>
                        Put mine over theirs
                    </Button>
                )}
                <Button size="compact-md" variant="outline" onClick={() => edits.letGo(unkept.id)}>
                    {fields.length > 0 ? 'Leave theirs' : 'Let it go'}
                </Button>
            </div>
        </div>
    );
}

function written(value: unknown): string {
    return value === null || value === undefined ? 'not given' : typeof value === 'string' ? value : JSON.stringify(value);
}

/** What a person typed that was refused; null: it was no typing. */
function typed(change: Change): string | null {
    if (!('typed' in change)) {
        return null;
    }
    const { typed } = change;
    return 'text' in typed ? typed.text : 'fields' in typed ? typed.fields.map((field) => field.text).join(', ') : typeof typed.value === 'string' ? typed.value : null;
}
