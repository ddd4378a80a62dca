import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Job, PlannedJob, StageAnswers } from '../api/types';
import { useUnits } from '../units/units';
import type { System } from '../units/units';

/** What a stage draws beside the evaluation, of one version of a boat. */
export function stageKey(stage: string, job: Pick<Job, 'id' | 'version'>, system: System) {
    return ['stage', stage, job.id, job.version?.hash, system] as const;
}

/** It comes with the answer to a change made at that stage, and is asked for where it did not. */
export function useStageAnswer<S extends keyof StageAnswers>(job: PlannedJob, stage: S) {
    const { system } = useUnits();
    return useQuery({
        queryKey: stageKey(stage, job, system),
        queryFn: () => ask<NonNullable<StageAnswers[S]>>(`jobs/${job.id}/stages/${stage}?units=${system}`),
        placeholderData: keepPreviousData,
        // Of a version it never changes; but pictures come up without one.
        staleTime: 1_000,
        retry: false,
    });
}
