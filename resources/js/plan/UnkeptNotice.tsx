import { Alert, Button, Group, Text } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import type { Change } from './changes';
import type { Unkept } from './editQueue';
import { labelOf } from '../api/forms';
import { partName } from '../boat/parts';
import type { PlanEdits } from './usePlanEdits';

/** Changes that the server does not hold, and those of which nobody knows: said plainly, with what can be done about each. */
export function UnkeptNotice({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const { line, waiting, unkept, silence } = edits;
    const wait = waiting === 1 ? 'One change waits' : `${waiting} changes wait`;
    return (
        <>
            {line === 'silent' && (
                <Alert color="brick" variant="outline" m="8px 16px 0" data-unknown>
                    <Text inherit fw={600}>Not known yet: {silence}</Text>
                    <Text inherit>{wait} and {waiting === 1 ? 'will be sent once' : 'will be sent in their order, each once'}; the server is asked again by itself. Nothing is lost when this page is closed.</Text>
                    <Group gap={8} mt={4}>
                        <Button size="compact-md" onClick={edits.sendOn}>
                            Ask now
                        </Button>
                    </Group>
                </Alert>
            )}
            {line === 'clear' && waiting > 0 && (
                <Alert role="status" color="brick" variant="outline" m="8px 16px 0">
                    <Text inherit fw={600}>{wait} here for the person who made them: they go on when they sign in in this browser.</Text>
                </Alert>
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
        <Alert color="brick" variant="outline" m="8px 16px 0">
            <Text inherit fw={600}>{unkept.message}</Text>
            {typed(unkept.change) !== null && <Text inherit>You typed “{typed(unkept.change)}”.</Text>}
            {fields.map((field) => (
                <Text inherit key={`${field.on} ${field.path}`}>
                    {partName(job, field.on)}, {labelOf(field.on, field.path)}: yours <strong>{written(field.yours)}</strong>, theirs <strong>{written(field.theirs)}</strong>
                </Text>
            ))}
            <Group gap={8} mt={4}>
                {fields.length > 0 && (
                    <Button size="compact-md" onClick={() => edits.over(unkept.id)}>
                        Put mine over theirs
                    </Button>
                )}
                <Button size="compact-md" variant="outline" onClick={() => edits.letGo(unkept.id)}>
                    {fields.length > 0 ? 'Leave theirs' : 'Let it go'}
                </Button>
            </Group>
        </Alert>
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
