import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { OtherRoutes, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

/** The other ways that a run could go, as the server judges the plan in hand. */
export function useOtherRoutes(job: PlannedJob, run: string) {
    const { system } = useUnits();
    return useQuery({
        queryKey: ['routes', job.id, job.version.hash, run, system],
        queryFn: () => ask<OtherRoutes>(`jobs/${job.id}/routes?${new URLSearchParams({ units: system, run }).toString()}`),
        enabled: run !== '',
        placeholderData: keepPreviousData,
        retry: false,
    });
}
