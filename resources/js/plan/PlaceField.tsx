import { type ChangeEvent, type FocusEvent, type KeyboardEvent, useEffect, useId, useState } from 'react';

import { noteDraft } from './drafts';
import classes from './PlaceField.module.css';

interface Props {
    /** what it is, for those who cannot see where it stands */
    label: string;
    /** as people read it, unit included */
    value: string;
    /** a mark beside a value that was chosen, not given */
    chosen?: boolean;
    readOnly: boolean;
    /** with what stood there; true when the server kept it */
    onTyped: (text: string, shown: string) => Promise<boolean>;
    figure?: string;
    /** lines that it shows; more than one for sentences */
    lines?: number;
}

/** A value that is changed where it stands. Enter keeps it, Escape takes the typing back; what was not kept stays in the field. */
export function PlaceField({ label, value, chosen = false, readOnly, onTyped, figure, lines = 1 }: Props) {
    const [draft, setDraft] = useState<{ over: string; text: string; refused: boolean; sending?: boolean } | null>(null);
    // A new value ends the refusal that was about the old one, never the typing: what is half typed stays.
    const live = draft?.over === value || draft?.refused === false ? draft : null;
    const typed = live?.text ?? null;
    const refused = live?.refused ?? false;
    const isOvertaken = live !== null && live.over !== value && live.sending !== true;
    const id = useId();
    useEffect(() => {
        noteDraft(id, typed !== null && typed !== value);
        return () => noteDraft(id, false);
    }, [id, typed, value]);

    if (readOnly) {
        return (
            <span className="figure" data-figure={figure}>
                {value}
            </span>
        );
    }
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
    const shared = {
        className: classes.field,
        'data-refused': refused || undefined,
        'data-chosen': chosen || undefined,
        'data-overtaken': isOvertaken || undefined,
        'aria-describedby': isOvertaken ? `${id}-meanwhile` : undefined,
        'data-figure': figure,
        'aria-label': label,
        'aria-invalid': refused || undefined,
        value: typed ?? value,
        title: isOvertaken ? `${label}: meanwhile it became ${value}. Enter puts yours in its place, Escape leaves it.` : chosen ? `${label}: chosen by Dinghy. Type to give one; empty it to have it chosen again.` : label,
        onFocus: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) => event.currentTarget.select(),
        onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => setDraft({ over: draft?.over ?? value, text: event.currentTarget.value, refused: false }),
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
    };
    return (
        <>
            {lines > 1 ? <textarea {...shared} rows={lines} /> : <input {...shared} size={Math.max(5, (typed ?? value).length)} />}
            {isOvertaken && (
                <span id={`${id}-meanwhile`} className={classes.meanwhile} role="status">
                    now {value === '' ? 'empty' : value}
                </span>
            )}
        </>
    );
}
