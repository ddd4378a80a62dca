import { useCallback } from 'react';
import { useSearchParams } from 'react-router-dom';

/** What a stage shows, as its address says it: reload, back and forward come to the same. */
export interface StageAddress<T extends string> {
    pane: T;
    /** as people call it */
    paneName: string;
    /** the part in hand, as "feed:house"; null: none was taken in hand */
    on: string | null;
    /** what is drawn above, where a stage has several drawings */
    drawing: string | null;
    /** @param quietly without a step for the browser's back */
    go: (to: { pane?: T; on?: string; drawing?: string }, quietly?: boolean) => void;
}

export function useStageAddress<T extends string>(panes: readonly (readonly [T, ...string[]])[], first: T): StageAddress<T> {
    const [params, setParams] = useSearchParams();
    const named = params.get('pane');
    const [pane, paneName = ''] = panes.find(([name]) => name === named) ?? panes.find(([name]) => name === first) ?? [first];
    const go = useCallback(
        (to: { pane?: T; on?: string; drawing?: string }, quietly = false) => {
            // From the address itself: two steps may be taken before the page is drawn anew.
            const next = new URLSearchParams(window.location.search);
            Object.entries(to).forEach(([key, value]) => next.set(key, value));
            if (next.toString() !== new URLSearchParams(window.location.search).toString()) {
                setParams(next, { replace: quietly });
            }
        },
        [setParams],
    );
    return { pane, paneName, on: params.get('on'), drawing: params.get('drawing'), go };
}
