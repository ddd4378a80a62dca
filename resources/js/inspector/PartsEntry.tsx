import { Fieldset, Group } from '@mantine/core';
import { Act } from '../look/Act';
import type { FormField } from '../api/forms';
import { type Part, partName } from '../boat/parts';
import type { EntryProps } from './FieldEntry';

type PartsField = Extract<FormField, { entry: 'parts' }>;

/** Parts that it holds, each to be taken in hand itself. */
export function PartsEntry({ field, path, holder, onSelect }: EntryProps<PartsField> & { onSelect: (on: string) => void }) {
    const { job } = holder;
    const value = job === null ? [] : holder.at(path);
    const parts = Array.isArray(value) ? (value as Part[]) : [];
    return (
        <Fieldset legend={field.label} data-field={path}>
            {parts.length === 0 && <span className="quiet">none</span>}
            <Group component="ul" className="bare" gap="2px 14px">
                {parts.map((part) => (
                    <li key={part.id}>
                        <Act onClick={() => onSelect(`${field.of}:${part.id}`)}>
                            {job !== null && partName(job, `${field.of}:${part.id}`)}
                        </Act>
                    </li>
                ))}
            </Group>
        </Fieldset>
    );
}
