import { createContext, use, useEffect } from 'react';

import { soughtIn } from '../look/sought';

/** Something that the palette finds, and what is done when it is chosen. */
export interface Findable {
    label: string;
    /** what it is, as "run" or "command" */
    kind: string;
    /** more words that it is found by */
    words?: string;
    go: () => void;
}

/** What the page that is shown gives the palette to find. */
export const FindableContext = createContext<{ offer: (things: Findable[]) => void; open: () => void }>({ offer: () => undefined, open: () => undefined });

/** Opens the palette. */
export function useOpenPalette(): () => void {
    return use(FindableContext).open;
}

/** Gives the palette what the page that is shown has, as long as it is shown. */
export function useFindable(things: Findable[]): void {
    const { offer } = use(FindableContext);
    useEffect(() => {
        offer(things);
    });
    useEffect(() => () => offer([]), [offer]);
}

/** Those of which every word sought is in the name, the kind or the other words; what begins with it first. */
export function found(things: Findable[], sought: string, most: number): Findable[] {
    const query = sought.trim().toLowerCase();
    const isSought = soughtIn(query);
    const hits = things.filter((thing) => isSought(`${thing.kind} ${thing.label} ${thing.words ?? ''}`));
    const begins = (thing: Findable) => (thing.label.toLowerCase().startsWith(query) ? 0 : 1);
    return hits.sort((a, b) => begins(a) - begins(b)).slice(0, most);
}
