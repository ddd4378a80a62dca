import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Bench, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

export type First = Bench['first'];

/** A bank on the bench, as the server judges the plan in hand. */
export function useBench(job: PlannedJob, bank: string | undefined, first: First | null = null) {
    const { system } = useUnits();
    return useQuery({
        queryKey: ['bench', job.id, job.version.hash, bank, system, first],
        queryFn: () => ask<Bench>(`jobs/${job.id}/bench?${new URLSearchParams({ bank: bank ?? '', units: system, ...(first === null ? {} : { first }) }).toString()}`),
        enabled: bank !== undefined,
        placeholderData: keepPreviousData,
        retry: false,
    });
}
