import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { OtherPlan, PlannedJob } from '../api/types';
import { OtherPlanDialog } from '../plan/OtherPlanDialog';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useUnits } from '../units/units';

/** A plan file, looked at before it takes the place of the plan. */
export function ReplaceByFile({ job, file, edits, onClose }: { job: PlannedJob; file: File; edits: PlanEdits; onClose: () => void }) {
    const { system } = useUnits();
    const looked = useQuery({
        queryKey: ['comparison', job.id, job.version.hash, file.name, file.size, file.lastModified, system],
        queryFn: async () => {
            const text = await file.text();
            return { text, other: await ask<OtherPlan>(`jobs/${job.id}/plan/comparison?units=${system}`, { method: 'POST', raw: text }) };
        },
        retry: false,
        gcTime: 0,
    });
    return (
        <OtherPlanDialog
            title={`Replace the plan by ${file.name}`}
            other={looked.data?.other}
            error={looked.error}
            act="Replace the plan"
            onAct={(base) => {
                void edits.submit(() => ({ replace: { base, file: looked.data?.text ?? '' } }));
                onClose();
            }}
            onClose={onClose}
        />
    );
}
