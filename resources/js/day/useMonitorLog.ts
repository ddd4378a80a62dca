import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { MonitorLog, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

/** A log that somebody chose, and how it is to be read; what is null is as the log itself suggests. */
export interface LogChoice {
    /** which choosing of a file this is: its text is too long to be told apart by */
    id: number;
    name: string;
    text: string;
    bank: string;
    columns: Record<string, number> | null;
    out: 'plus' | 'minus' | null;
    zone: number | null;
    begins: number | null;
}

/** The log read by the server and laid over the day of this plan; nothing of it is kept there. */
export function useMonitorLog(job: PlannedJob, choice: LogChoice | null) {
    const { system } = useUnits();
    const known = choice === null ? null : { ...choice, text: '' };
    return useQuery({
        queryKey: ['monitor-log', job.id, job.version.hash, known, system],
        queryFn: () => ask<MonitorLog>(`jobs/${job.id}/day/log?${asked(choice, system)}`, { method: 'POST', raw: choice?.text ?? '', type: 'text/csv' }),
        enabled: choice !== null,
        placeholderData: (before) => (choice === null ? undefined : before),
        retry: false,
    });
}

function asked(choice: LogChoice | null, units: string): string {
    const said = new URLSearchParams({ units, bank: choice?.bank ?? '' });
    const columns = Object.entries(choice?.columns ?? {}).map(([column, number]) => `${column}:${number}`);
    if (columns.length > 0) {
        said.set('columns', columns.join(','));
    }
    for (const name of ['out', 'zone', 'begins'] as const) {
        const value = choice?.[name] ?? null;
        if (value !== null) {
            said.set(name, String(value));
        }
    }
    return said.toString();
}
