import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { CataloguePart } from '../api/types';

/** The shop's catalogue as parts are taken from it: without the retired ones. */
export function useCatalogue(wanted = true) {
    return useWholeCatalogue(wanted, used);
}

/** The shop's catalogue, the retired parts too. */
export function useWholeCatalogue(wanted = true, select?: (catalogue: Catalogue) => Catalogue) {
    return useQuery({ queryKey: ['catalogue'], queryFn: () => ask<Catalogue>('catalogue'), enabled: wanted, select });
}

interface Catalogue {
    parts: CataloguePart[];
}

function used(catalogue: Catalogue): Catalogue {
    return { parts: catalogue.parts.filter((part) => !part.retired) };
}
