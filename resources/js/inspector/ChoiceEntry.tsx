import { type Entry, type FormField, GAUGES } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partName, partsOf, postName } from '../boat/parts';
import classes from './Inspector.module.css';
import { terminalsOf } from '../boat/terminals';
import { type Choices, ChoiceSelect } from './ChoiceSelect';
import type { EntryProps } from './FieldEntry';

/** One of several: a choice, yes or no, a gauge, a part, a post or a terminal of the plan. */
export function ChoiceEntry({ field, path, holder }: EntryProps) {
    const choices = field.entry === 'terminal' && holder.job !== null ? terminalsOf(holder.job, holder.at(`${path.slice(0, path.lastIndexOf('.') + 1)}bank`)) : offered(field, holder.job);
    const value = (holder.at(path) ?? null) as string | number | boolean | null;
    const usual = choices.find(([one]) => one === field.default)?.[1];
    const computed = holder.chosen?.(path);
    const none = computed !== undefined ? `chosen: ${computed}` : usual === undefined ? '–' : `as usual: ${usual}`;
    const isRequired = field.required === true;
    return (
        <ChoiceSelect
            label={field.label}
            field={path}
            className={field.entry === 'gauge' || field.entry === 'part' ? classes.wide : undefined}
            choices={choices}
            value={value}
            none={isRequired && value !== null ? null : none}
            readOnly={holder.readOnly}
            required={isRequired}
            onChosen={(chosen) => void holder.set(path, chosen)}
        />
    );
}

export function offered(entry: Entry | FormField, job: PlannedJob | null): Choices {
    switch (entry.entry) {
        case 'choice':
        case 'flag':
            return entry.choices;
        case 'gauge':
            return GAUGES;
        case 'part':
            return job === null ? [] : partsOf(job.plan, entry.of).map((part) => [part.id, partName(job, `${entry.of}:${part.id}`)] as const);
        case 'post':
            return job === null ? [] : partsOf(job.plan, 'battery').flatMap(({ id }) => [`${id}-`, `${id}+`].map((post) => [post, postName(job, post)] as const));
        default:
            return [];
    }
}
