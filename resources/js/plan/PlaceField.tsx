import { Text, Textarea, TextInput } from '@mantine/core';

import { memo } from 'react';

import { useDraft } from './useDraft';
import { useLatest } from './useLatest';

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
export function PlaceField({ onTyped, ...shown }: Props) {
    return <Field {...shown} onTyped={useLatest(onTyped)} />;
}

/** Drawn anew only when what it shows is another: a table has many, and a key press is to be quick. */
const Field = memo(function Field({ label, value, chosen = false, readOnly, onTyped, figure, lines = 1 }: Props) {
    const { id, text, refused, isOvertaken, handlers } = useDraft(value, onTyped);
    if (readOnly) {
        return (
            <span className="figure" data-figure={figure}>
                {value}
            </span>
        );
    }
    const shared = {
        size: 'xs',
        error: refused,
        withAria: false, // the library's would take the place of these
        'aria-invalid': refused || undefined,
        'data-refused': refused || undefined,
        'data-overtaken': isOvertaken || undefined,
        'aria-describedby': isOvertaken ? `${id}-meanwhile` : undefined,
        'data-figure': figure,
        'aria-label': label,
        value: text,
        title: isOvertaken ? `${label}: meanwhile it became ${value}. Enter puts yours in its place, Escape leaves it.` : chosen ? `${label}: chosen by Dinghy. Type to give one; empty it to have it chosen again.` : label,
        ...handlers,
    };
    return (
        <>
            {lines > 1 ? (
                <Textarea {...shared} rows={lines} maw={460} resize="vertical" />
            ) : (
                <TextInput {...shared} display="inline-block" w={`calc(${Math.max(5, text.length)}ch + 1.2rem)`} styles={chosen ? { input: { borderStyle: 'dashed', background: 'transparent' } } : undefined} />
            )}
            {isOvertaken && (
                <Text span id={`${id}-meanwhile`} c="brick" fz={12} ml={4} role="status">
                    now {value === '' ? 'empty' : value}
                </Text>
            )}
        </>
    );
});
