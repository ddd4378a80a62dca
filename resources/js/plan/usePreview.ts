import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { PatchStep, PlannedJob, Preview } from '../api/types';
import { useUnits } from '../units/units';

/** A change that is looked at before it is made. */
export interface Looked {
    preview: Preview | null;
    look: (patch: PatchStep[] | null) => void;
}

/** What a change would come to, while its remedy has the focus or the pointer. Nothing is kept. */
/** @param stage whose drawing is shown as it would be */
export function usePreview(job: PlannedJob, stage: string): Looked {
    const { system } = useUnits();
    const [patch, look] = useState<PatchStep[] | null>(null);
    const seen = useQuery({
        queryKey: ['preview', job.id, job.version.hash, patch, system, stage],
        queryFn: () => ask<Preview>(`jobs/${job.id}/plan/preview?${new URLSearchParams({ units: system, showing: stage }).toString()}`, { method: 'POST', body: { patch } }),
        enabled: patch !== null,
        retry: false,
        gcTime: 30_000,
    });
    return { preview: patch === null ? null : (seen.data ?? null), look };
}
