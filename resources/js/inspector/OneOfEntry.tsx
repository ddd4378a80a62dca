import { NativeSelect } from '@mantine/core';

import type { FormField } from '../api/forms';
import { offered } from './ChoiceEntry';
import type { Holder } from './holder';
import classes from './Inspector.module.css';

/** What leads to one part of several kinds: one choice among all of them. */
export function OneOfEntry({ fields, before, holder }: { fields: FormField[]; before: string; holder: Holder }) {
    const given = fields.find((field) => holder.at(`${before}${field.name}`) !== undefined);
    const value = given === undefined ? '' : `${given.name}:${String(holder.at(`${before}${given.name}`))}`;
    const label = fields.map((field, at) => (at === 0 ? field.label : field.label.toLowerCase())).join(' or ');
    return (
        <NativeSelect
            label={label}
            data-field={fields.map((field) => `${before}${field.name}`).join(' ')}
            size="xs"
            className={classes.wide}
            required
            withAsterisk={given === undefined}
            disabled={holder.readOnly}
            value={value}
            onChange={(event) => {
                const [name = '', ...id] = event.currentTarget.value.split(':');
                void holder.choose(`${before}${name}`, id.join(':'), given === undefined || given.name === name ? [] : [`${before}${given.name}`]);
            }}
        >
            {given === undefined && <option value="">–</option>}
            {fields.map((field) => (
                <optgroup key={field.name} label={field.label}>
                    {offered(field, holder.job).map(([id, name]) => (
                        <option key={String(id)} value={`${field.name}:${String(id)}`}>
                            {name}
                        </option>
                    ))}
                </optgroup>
            ))}
        </NativeSelect>
    );
}
