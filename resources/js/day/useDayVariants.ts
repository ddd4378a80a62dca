import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { DayVariants, PlannedJob } from '../api/types';
import { useUnits } from '../units/units';

/** What a day of so many hours would take; null: nobody has asked. */
export function useDayVariants(job: PlannedJob, hours: number | null) {
    const { system } = useUnits();
    return useQuery({
        queryKey: ['day-variants', job.id, job.version.hash, hours, system],
        queryFn: () => ask<DayVariants>(`jobs/${job.id}/day/variants?hours=${hours ?? 0}&units=${system}`),
        enabled: hours !== null,
        retry: false,
    });
}
