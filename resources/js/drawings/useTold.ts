import { useEffect, useRef } from 'react';

/** Tells what letting go would do as it changes, by its words: a hand that rests asks nothing anew. */
export function useTold<T>(draft: T | null, onDraft: (draft: T | null) => void) {
    const words = draft === null ? '' : JSON.stringify(draft);
    const tell = useRef(onDraft);
    useEffect(() => {
        tell.current = onDraft;
    });
    useEffect(() => {
        tell.current(words === '' ? null : (JSON.parse(words) as T));
    }, [words]);
}
