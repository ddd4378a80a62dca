import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { CataloguePart } from '../api/types';

/** The shop's catalogue. */
export function useCatalogue(wanted = true) {
    return useQuery({ queryKey: ['catalogue'], queryFn: () => ask<{ parts: CataloguePart[] }>('catalogue'), enabled: wanted });
}
