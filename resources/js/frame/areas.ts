import { type ComponentType, createContext, useContext } from 'react';

import type { PlannedJob } from '../api/types';

/** A part of the trade on the page: what it brings beside its stage. Its name and how it stands the server says. */
export interface Area {
    /** its stage, as the server names it and as the address ends */
    stage: string;
    /** the stage, a script of its own */
    load: () => Promise<{ default: ComponentType }>;
    /** what its stage does not wait for, fetched once the first page stands */
    ahead?: () => Promise<unknown>;
    /** keys that act at its stage, beside those of every stage */
    keys: readonly (readonly [key: string, what: string])[];
    /** what is under way there, shown under its name in the order of work */
    Waiting?: ComponentType<{ job: PlannedJob }>;
}

/** The keys of a stage's panes, as they are told beside its others. */
export function paneKeys(panes: readonly (readonly [name: string, label: string, key: string])[]): Area['keys'] {
    return panes.map(([, label, key]) => [key, label] as const);
}

/** Every area of the page, in the order of work. */
export const AreasContext = createContext<readonly Area[]>([]);

export function useAreas(): readonly Area[] {
    return useContext(AreasContext);
}
