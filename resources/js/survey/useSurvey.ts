import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { PlannedJob, Survey } from '../api/types';
import { useUnits } from '../units/units';

/** What the survey comes to, as the server judges the plan in hand. */
export function useSurvey(job: PlannedJob) {
    const { system } = useUnits();
    return useQuery({
        queryKey: ['survey', job.id, job.version.hash, system],
        queryFn: () => ask<Survey>(`jobs/${job.id}/survey?units=${system}`),
        placeholderData: keepPreviousData,
        retry: false,
    });
}
