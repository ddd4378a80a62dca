import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Meter, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

/** What is known of every stage Meter of a boat, whichever version. */
export function meterKey(job: number) {
    return ['meter', job] as const;
}

/** What a meter shows of a boat: what blocks were read at changes what their sums must be. */
export function useMeter(job: PlannedJob): Meter | undefined {
    const { system } = useUnits();
    const read = job.readings.map((one) => `${one.meter_point} ${one.taken_at}`).join();
    return useQuery({
        queryKey: [...meterKey(job.id), job.version.hash, system, read],
        queryFn: () => ask<Meter>(`jobs/${job.id}/stages/meter?units=${system}`),
        placeholderData: keepPreviousData,
        staleTime: 1_000,
        retry: false,
    }).data;
}
