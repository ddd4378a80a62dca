import { Textarea, TextInput } from '@mantine/core';

import { memo } from 'react';

import type { FormField } from '../api/forms';
import { useLatest } from '../plan/useLatest';
import { useDraft } from '../plan/useDraft';
import { boxOf, quantity } from '../units/quantity';
import { type System, useUnits } from '../units/units';
import type { EntryProps } from './FieldEntry';

/** letters of words that stand in one line */
const LINE = 40;

/** A quantity or words, typed. Emptied, it is not given any more. */
export function TextEntry({ field, path, holder }: EntryProps) {
    const { system } = useUnits();
    const usual = field.default === undefined || field.default === '' ? undefined : `usually ${written(field, field.default, system)}`;
    const keep = useLatest((typed: string, shown: string) => holder.set(path, typed.trim() === '' && field.required !== true ? undefined : typed.trim(), field.entry === 'words' ? undefined : shown));
    return <Typed field={field} path={path} value={written(field, holder.at(path), system)} placeholder={holder.chosen?.(path) ?? usual} readOnly={holder.readOnly} onTyped={keep} />;
}

interface TypedProps {
    field: FormField;
    path: string;
    value: string;
    placeholder: string | undefined;
    readOnly: boolean;
    onTyped: (text: string, shown: string) => Promise<boolean>;
}

/** Drawn anew only when what it shows is another: a part has many, and a key press is to be quick. */
const Typed = memo(function Typed({ field, path, value, placeholder, readOnly, onTyped }: TypedProps) {
    const { text, refused, isOvertaken, handlers } = useDraft(value, onTyped);
    const shared = {
        label: field.label,
        'data-field': path,
        size: 'xs' as const,
        readOnly,
        required: field.required === true,
        withAsterisk: field.required === true && value === '',
        placeholder,
        error: refused ? 'Not kept: it stands as you typed it.' : isOvertaken ? `Meanwhile it became ${value === '' ? 'empty' : value}.` : undefined,
        value: text,
        ...handlers,
    };
    return field.entry === 'words' && field.long === true ? <Textarea {...shared} rows={Math.max(1, Math.ceil(text.length / LINE))} /> : <TextInput {...shared} />;
});

function written(field: FormField, value: unknown, system: System): string {
    if (typeof value === 'number') {
        return field.entry === 'quantity' ? quantity(value, field.unit, system) : String(value);
    }
    return typeof value === 'string' ? value : boxOf(value, system);
}
