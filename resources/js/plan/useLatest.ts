import { useCallback, useEffect, useRef } from 'react';

/** An act that stays one and the same while what it does changes: whoever is handed it need not be drawn anew for it. */
export function useLatest<A extends unknown[], R>(act: (...given: A) => R): (...given: A) => R {
    const latest = useRef(act);
    useEffect(() => {
        latest.current = act;
    });
    return useCallback((...given: A) => latest.current(...given), []);
}
