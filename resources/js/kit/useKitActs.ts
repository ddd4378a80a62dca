import { useMutation, useQueryClient } from '@tanstack/react-query';

import { ask } from '../api/client';
import { stock } from '../api/queries';
import type { Kit, PlannedJob } from '../api/types';
import { stageKey } from '../plan/useStageAnswer';
import { useUnits } from '../units/units';

export type KitAct = 'take' | 'put-back' | 'cut' | 'keep-prices' | 'release-prices';

/** What a boat takes from the shelf, puts back and cuts, and the prices that stand: of the plan that is seen. */
export function useKitActs(job: PlannedJob) {
    const queries = useQueryClient();
    const { system } = useUnits();
    return useMutation({
        mutationFn: (act: KitAct) => ask<Kit>(`jobs/${job.id}/kit?units=${system}`, { method: 'POST', body: { do: act, plan: job.version.hash } }),
        onSuccess: (kit) => {
            queries.setQueryData(stageKey('kit', job, system), kit);
            void queries.invalidateQueries({ queryKey: stock.queryKey });
        },
        onError: () => void queries.invalidateQueries({ queryKey: stageKey('kit', job, system) }),
    });
}
