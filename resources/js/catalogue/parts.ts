import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { CataloguePart } from '../api/types';

/** What the kinds of parts are called, all of a kind together. */
export const KINDS: Record<CataloguePart['kind'], string> = { battery: 'Batteries', block: 'Fuse blocks', device: 'Devices', charger: 'Chargers', wire: 'Wire', protection: 'Fuses and breakers', connector: 'Connectors' };

/** The shop's catalogue. */
export function useCatalogue(wanted = true) {
    return useQuery({ queryKey: ['catalogue'], queryFn: () => ask<{ parts: CataloguePart[] }>('catalogue'), enabled: wanted });
}
