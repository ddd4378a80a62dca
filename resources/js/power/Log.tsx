import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { LogEntry, PlannedJob } from '../api/types';
import { Dialog } from '../frame/Dialog';
import { moment } from '../units/units';
import classes from './Log.module.css';

/** Every change to the plan, newest first: who, when, what, and why where somebody said. */
export function Log({ job, opened, onClose }: { job: PlannedJob; opened: boolean; onClose: () => void }) {
    const log = useQuery({
        queryKey: ['log', job.id, job.version.number],
        queryFn: () => ask<{ entries: LogEntry[] }>(`jobs/${job.id}/log`),
        enabled: opened,
    });
    return (
        <Dialog opened={opened} onClose={onClose} title="Log of this boat">
            {log.data === undefined && <p>{log.error === null ? 'Fetching the log…' : log.error.message}</p>}
            <ol className={classes.log} tabIndex={0} aria-label="Changes, newest first">
                {log.data?.entries.map((entry) => (
                    <li key={entry.number}>
                        <p className={classes.head}>
                            v{entry.number} · {moment(entry.made_at)} · {entry.author ?? 'taken in'}
                        </p>
                        <p>{entry.says}</p>
                        {entry.reason !== null && <p className={classes.reason}>“{entry.reason}”</p>}
                    </li>
                ))}
            </ol>
        </Dialog>
    );
}
