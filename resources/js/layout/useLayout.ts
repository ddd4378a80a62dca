import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Layout, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

/** The boat from above, as the server judges the plan in hand; with the other routes of a run. */
export function useLayout(job: PlannedJob, run: string) {
    const { system } = useUnits();
    return useQuery({
        queryKey: ['layout', job.id, job.version.hash, run, system],
        queryFn: () => ask<Layout>(`jobs/${job.id}/layout?${new URLSearchParams({ units: system, run }).toString()}`),
        placeholderData: keepPreviousData,
        retry: false,
    });
}
