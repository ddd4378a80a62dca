import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import { shopSettings } from '../api/queries';
import type { Measurement } from '../api/types';

/** A reading, or why there is none. */
export type FromMeter = () => Promise<{ value: number; unit: Measurement['unit'] } | string>;

/** Reads the first meter that the shop registered; undefined: it has none. */
export function useHandMeter(job: number): FromMeter | undefined {
    const meter = useQuery(shopSettings).data?.settings.instruments.find((one) => one.kind === 'meter');
    if (meter === undefined) {
        return undefined;
    }
    return async () => {
        try {
            const shown = await ask<{ value: number | null; unit: Measurement['unit'] | null; says: string | null }>(`jobs/${job}/hand-meter?name=${encodeURIComponent(meter.name)}`);
            return shown.value === null || shown.unit === null ? (shown.says ?? 'The meter shows nothing.') : { value: shown.value, unit: shown.unit };
        } catch (why) {
            return (why as Error).message;
        }
    };
}
