import { NativeSelect } from '@mantine/core';

import { type Entry, type FormField, GAUGES } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partName, partsOf, postName } from '../boat/parts';
import classes from './Inspector.module.css';
import { terminalsOf } from '../boat/terminals';
import type { EntryProps } from './FieldEntry';

/** One of several: a choice, yes or no, a gauge, a part, a post or a terminal of the plan. */
export function ChoiceEntry({ field, path, holder }: EntryProps) {
    const choices = field.entry === 'terminal' && holder.job !== null ? terminalsOf(holder.job, holder.at(`${path.slice(0, path.lastIndexOf('.') + 1)}bank`)) : offered(field, holder.job);
    const value = holder.at(path) as string | number | boolean | null | undefined;
    const isGiven = value !== undefined && value !== null;
    const shown = isGiven ? String(value) : '';
    const computed = holder.chosen?.(path);
    const usual = choices.find(([one]) => one === field.default)?.[1];
    return (
        <NativeSelect
            label={field.label}
            data-field={path}
            className={field.entry === 'gauge' || field.entry === 'part' ? classes.wide : undefined}
            size="xs"
            disabled={holder.readOnly}
            required={field.required === true}
            withAsterisk={field.required === true && !isGiven}
            value={shown}
            onChange={(event) => {
                const chosen = choices.find(([one]) => String(one) === event.currentTarget.value);
                void holder.set(path, chosen?.[0]);
            }}
        >
            {(field.required !== true || !isGiven) && <option value="">{computed !== undefined ? `chosen: ${computed}` : usual === undefined ? '–' : `as usual: ${usual}`}</option>}
            {isGiven && !choices.some(([one]) => String(one) === shown) && <option value={shown}>{shown}</option>}
            {choices.map(([one, label]) => (
                <option key={String(one)} value={String(one)}>
                    {label}
                </option>
            ))}
        </NativeSelect>
    );
}

export function offered(entry: Entry | FormField, job: PlannedJob | null): (readonly [value: string | number | boolean, label: string])[] {
    switch (entry.entry) {
        case 'choice':
        case 'flag':
            return entry.choices;
        case 'gauge':
            return [...GAUGES];
        case 'part':
            return job === null ? [] : partsOf(job.plan, entry.of).map((part) => [part.id, partName(job, `${entry.of}:${part.id}`)] as const);
        case 'post':
            return job === null ? [] : partsOf(job.plan, 'battery').flatMap(({ id }) => [`${id}-`, `${id}+`].map((post) => [post, postName(job, post)] as const));
        default:
            return [];
    }
}
