import { Text } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { Act } from '../look/Act';
import { ask } from '../api/client';
import type { LogEntry, OtherPlan, PlannedJob } from '../api/types';
import { Dialog } from '../look/Dialog';
import { OtherPlanDialog } from './OtherPlanDialog';
import type { PlanEdits } from './usePlanEdits';
import { together } from '../units/together';
import { useWritten } from '../units/conventions';
import { useUnits } from '../units/units';
import classes from './Log.module.css';

/** Every change to the plan, newest first: who, when, what, and why where somebody said. */
export function Log({ job, edits, opened, onClose }: { job: PlannedJob; edits: PlanEdits; opened: boolean; onClose: () => void }) {
    const { system } = useUnits();
    const { moment } = useWritten();
    const [looked, look] = useState<number | null>(null);
    const version = useQuery({
        queryKey: ['version', job.id, looked, job.version.hash, system],
        queryFn: () => ask<OtherPlan>(`jobs/${job.id}/plan/versions/${looked}?units=${system}`),
        enabled: looked !== null,
        retry: false,
    });
    const log = useQuery({
        queryKey: ['log', job.id, job.version.number, system],
        queryFn: () => ask<{ entries: LogEntry[] }>(`jobs/${job.id}/log?units=${system}`),
        enabled: opened,
    });
    return (
        <Dialog opened={opened} onClose={onClose} title="Log of this boat">
            {log.data === undefined && <p>{log.error === null ? 'Fetching the log…' : log.error.message}</p>}
            <ol className={classes.log} tabIndex={0} aria-label="Changes, newest first">
                {log.data?.entries.map((entry) => (
                    <li key={entry.number}>
                        <Text size="xs" c="var(--ink-soft)">
                            v{entry.number} · {moment(entry.made_at)} · {entry.author ?? 'taken in'}
                        </Text>
                        <Text inherit>{together(entry.says)}</Text>
                        {entry.number !== job.version.number && (
                            <Act aria-label={`Look at version ${entry.number}`} onClick={() => look(entry.number)}>
                                look at it
                            </Act>
                        )}
                        {entry.reason !== null && <Text inherit fw={600}>“{entry.reason}”</Text>}
                    </li>
                ))}
            </ol>
            {looked !== null && (
                <OtherPlanDialog
                    title={`Version ${looked} beside the plan of today`}
                    other={version.data}
                    error={version.error}
                    act={job.can_change ? 'Bring it back' : undefined}
                    onAct={(base) => {
                        void edits.submit(() => ({ restore: { base, number: looked } }));
                        look(null);
                        onClose();
                    }}
                    onClose={() => look(null)}
                />
            )}
        </Dialog>
    );
}
