import { useQuery } from '@tanstack/react-query';

import { catalogue } from '../api/queries';
import type { CataloguePart } from '../api/types';

/** The shop's catalogue as parts are taken from it: without the retired ones. */
export function useCatalogue(wanted = true) {
    return useWholeCatalogue(wanted, used);
}

/** The shop's catalogue, the retired parts too. */
export function useWholeCatalogue(wanted = true, select?: (whole: Catalogue) => Catalogue) {
    return useQuery({ ...catalogue, enabled: wanted, select });
}

interface Catalogue {
    parts: CataloguePart[];
}

function used(whole: Catalogue): Catalogue {
    return { parts: whole.parts.filter((part) => !part.retired) };
}
