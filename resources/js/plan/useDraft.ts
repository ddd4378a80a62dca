import { type ChangeEvent, type FocusEvent, type KeyboardEvent, useEffect, useId, useState } from 'react';

import { noteDraft } from './drafts';

type Field = HTMLInputElement | HTMLTextAreaElement;

/**
 * The typing in a field over a value that others may change. Enter and leaving it keep what was typed, Escape takes the
 * typing back; what was not kept stays in the field.
 *
 * @param onTyped with what stood there; true when the server kept it
 */
export function useDraft(value: string, onTyped: (text: string, shown: string) => Promise<boolean>) {
    const [draft, setDraft] = useState<{ over: string; text: string; refused: boolean; sending?: boolean } | null>(null);
    // A new value ends the refusal that was about the old one, never the typing: what is half typed stays.
    const live = draft?.over === value || draft?.refused === false ? draft : null;
    const typed = live?.text ?? null;
    const refused = live?.refused ?? false;
    const id = useId();
    useEffect(() => {
        noteDraft(id, typed !== null && typed !== value);
        return () => noteDraft(id, false);
    }, [id, typed, value]);

    const keep = async () => {
        if (typed === null || typed.trim() === value) {
            setDraft(null);
            return;
        }
        if (live?.sending === true) {
            return; // Enter has sent it; leaving the field must not send it twice
        }
        setDraft({ over: value, text: typed, refused: false, sending: true });
        const kept = await onTyped(typed, live?.over ?? value);
        setDraft(kept ? null : { over: value, text: typed, refused: true });
    };
    return {
        id,
        text: typed ?? value,
        refused,
        /** somebody changed the value while it was typed over */
        isOvertaken: live !== null && live.over !== value && live.sending !== true,
        handlers: {
            onFocus: (event: FocusEvent<Field>) => event.currentTarget.select(),
            onChange: (event: ChangeEvent<Field>) => setDraft({ over: draft?.over ?? value, text: event.currentTarget.value, refused: false }),
            onBlur: () => {
                if (!refused) {
                    void keep();
                }
            },
            onKeyDown: (event: KeyboardEvent) => {
                if (event.key === 'Enter') {
                    event.preventDefault();
                    void keep();
                } else if (event.key === 'Escape') {
                    setDraft(null);
                }
            },
        },
    };
}
