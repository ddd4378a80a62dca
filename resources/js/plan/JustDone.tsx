import { Alert, Button, Group, Text } from '@mantine/core';
import { useEffect, useState } from 'react';

import type { PlannedJob } from '../api/types';
import { type Change, undone } from './changes';
import type { PlanEdits } from './usePlanEdits';

/** ms that a change which took something away can be taken back where it is told */
const SHOWN_MS = 10_000;

/** For a while after something was taken out or rearranged: what it was, and the way back. */
export function JustDone({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const { done } = edits;
    const [over, setOver] = useState<string | null>(null);
    const says = done === null ? null : told(job, done.change);
    const id = says === null ? null : (done?.id ?? null);
    useEffect(() => {
        if (id === null) {
            return undefined;
        }
        const timer = setTimeout(() => setOver(id), SHOWN_MS);
        return () => clearTimeout(timer);
    }, [id]);
    const isTold = id !== null && id !== over && job.version.undo !== null && edits.line === 'clear';
    // What says it stands there from the first: only what changes within is read out.
    return <div role="status">{isTold && <Told says={says} edits={edits} />}</div>;
}

function Told({ says, edits }: { says: string | null; edits: PlanEdits }) {
    return (
        <Alert role="group" aria-label="Just done" color="slate" variant="outline" m="8px 16px 0" data-just-done>
            <Group justify="space-between">
                <Text inherit fw={600}>
                    {says}
                </Text>
                <Button size="compact-md" variant="outline" onClick={() => void edits.submit(undone)}>
                    Take it back
                </Button>
            </Group>
        </Alert>
    );
}

/** What a change took away or turned about; null: it stands where the hand is, with its own way back. */
function told(job: PlannedJob, change: Change): string | null {
    if ('takeOut' in change) {
        return `Just done: ${job.version.undo?.says ?? 'taken out'}.`;
    }
    if ('replace' in change) {
        return 'The plan is replaced by the file.';
    }
    if ('restore' in change) {
        return `Version ${change.restore.number} is back.`;
    }
    return 'propose' in change && REARRANGED[change.propose.make] !== undefined ? (REARRANGED[change.propose.make] as string) : null;
}

const REARRANGED: Record<string, string | undefined> = {
    split: 'The feed is split.',
    strings: 'The bank is in other strings; its jumpers are landed anew.',
    turn: 'The blocks are turned.',
};
