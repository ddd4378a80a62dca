import { Textarea, TextInput } from '@mantine/core';

import type { FormField } from '../api/forms';
import { useDraft } from '../plan/useDraft';
import { boxOf, quantity } from '../units/quantity';
import { type System, useUnits } from '../units/units';
import type { EntryProps } from './FieldEntry';

/** letters of words that stand in one line */
const LINE = 40;

/** A quantity or words, typed. Emptied, it is not given any more. */
export function TextEntry({ field, path, holder }: EntryProps) {
    const { system } = useUnits();
    const value = written(field, holder.at(path), system);
    const { text, refused, isOvertaken, handlers } = useDraft(value, (typed, shown) => holder.set(path, typed.trim() === '' && field.required !== true ? undefined : typed.trim(), field.entry === 'words' ? undefined : shown));
    const usual = field.default === undefined || field.default === '' ? undefined : `usually ${written(field, field.default, system)}`;
    const shared = {
        label: field.label,
        'data-field': path,
        size: 'xs' as const,
        readOnly: holder.readOnly,
        required: field.required === true,
        withAsterisk: field.required === true && value === '',
        placeholder: holder.chosen?.(path) ?? usual,
        error: refused ? 'Not kept: it stands as you typed it.' : isOvertaken ? `Meanwhile it became ${value === '' ? 'empty' : value}.` : undefined,
        value: text,
        ...handlers,
    };
    return field.entry === 'words' && field.long === true ? <Textarea {...shared} rows={Math.max(1, Math.ceil(text.length / LINE))} /> : <TextInput {...shared} />;
}

function written(field: FormField, value: unknown, system: System): string {
    if (typeof value === 'number') {
        return field.entry === 'quantity' ? quantity(value, field.unit, system) : String(value);
    }
    return typeof value === 'string' ? value : boxOf(value, system);
}
