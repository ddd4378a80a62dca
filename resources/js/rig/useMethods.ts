import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Methods, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

/** How each step is done, fetched once the first of them stands: it is there when the line is not. */
export function useMethods(job: PlannedJob) {
    const { system } = useUnits();
    return useQuery({
        queryKey: ['methods', job.id, job.version.hash, system],
        queryFn: async () => new Map((await ask<Methods>(`jobs/${job.id}/work/methods?units=${system}`)).methods.map(({ step, how }) => [step, how])),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        retry: 2,
    }).data;
}
