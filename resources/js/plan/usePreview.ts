import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { PatchStep, PlannedJob, Preview } from '../api/types';
import { useUnits } from '../units/units';

/** A change that is looked at before it is made. */
export interface Looked {
    preview: Preview | null;
    look: (patch: PatchStep[] | null) => void;
}

/**
 * What a change would come to, while its remedy has the focus or the pointer, or a hand drags. Nothing is kept. One is asked
 * about at a time: of those that come meanwhile only the last.
 *
 * @param stage whose drawing is shown as it would be
 */
export function usePreview(job: PlannedJob, stage: string): Looked {
    const { system } = useUnits();
    const [wanted, look] = useState<PatchStep[] | null>(null);
    const [asked, setAsked] = useState<PatchStep[] | null>(null);
    const seen = useQuery({
        queryKey: ['preview', job.id, job.version.hash, asked, system, stage],
        queryFn: () => ask<Preview>(`jobs/${job.id}/plan/preview?${new URLSearchParams({ units: system, showing: stage }).toString()}`, { method: 'POST', body: { patch: asked } }),
        enabled: asked !== null,
        retry: false,
        gcTime: 30_000,
        placeholderData: keepPreviousData,
    });
    if (!seen.isFetching && wanted !== asked) {
        setAsked(wanted);
    }
    return { preview: wanted === null || asked === null ? null : (seen.data ?? null), look };
}
