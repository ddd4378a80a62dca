import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Instrument, PlannedJob } from '../api/types';

/** How often what is heard is asked for. */
const TURN_MS = 1_000;

/** What the instruments say that the shop registered, second by second while somebody looks. */
export function useInstruments(job: PlannedJob, isOn = true) {
    return useQuery({
        queryKey: ['instruments', job.id],
        queryFn: () => ask<{ instruments: Instrument[] }>(`jobs/${job.id}/instruments`),
        refetchInterval: TURN_MS,
        retry: false,
        enabled: isOn,
    });
}
