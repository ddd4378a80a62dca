import { Fieldset } from '@mantine/core';
import type { FormField } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partName, partsOf } from '../boat/parts';
import type { EntryProps } from './FieldEntry';
import type { Holder } from './holder';
import { TextEntry } from './TextEntry';

type MapField = Extract<FormField, { entry: 'map' }>;

/** A value for each part of a kind; those left empty are not in it. */
export function MapEntry({ field, path, holder }: EntryProps<MapField>) {
    const given = (holder.at(path) ?? {}) as Record<string, unknown>;
    // Whole, since the id of a part need not be a word of a path.
    const whole: Holder = {
        ...holder,
        at: (id) => given[id],
        set: (id, value) => {
            const others = Object.fromEntries(Object.entries(given).filter(([one]) => one !== id));
            return holder.set(path, value === undefined ? others : { ...others, [id]: value });
        },
    };
    return (
        <Fieldset legend={field.label} data-field={path}>
            {holder.job !== null && partsOf(holder.job.plan, field.of).map(({ id }) => (
                <TextEntry key={id} field={{ ...field.item, name: id, label: partName(holder.job as PlannedJob, `${field.of}:${id}`) }} path={id} holder={whole} />
            ))}
        </Fieldset>
    );
}
