import { Act } from '../look/Act';
import type { FormField } from '../api/forms';
import { type Part, partName } from '../boat/parts';
import type { EntryProps } from './FieldEntry';
import classes from './Inspector.module.css';

type PartsField = Extract<FormField, { entry: 'parts' }>;

/** Parts that it holds, each to be taken in hand itself. */
export function PartsEntry({ field, path, holder, onSelect }: EntryProps<PartsField> & { onSelect: (on: string) => void }) {
    const { job } = holder;
    const value = job === null ? [] : holder.at(path);
    const parts = Array.isArray(value) ? (value as Part[]) : [];
    return (
        <fieldset className={classes.object} data-field={path}>
            <legend>{field.label}</legend>
            {parts.length === 0 && <span className="quiet">none</span>}
            <ul className={classes.parts}>
                {parts.map((part) => (
                    <li key={part.id}>
                        <Act onClick={() => onSelect(`${field.of}:${part.id}`)}>
                            {job !== null && partName(job, `${field.of}:${part.id}`)}
                        </Act>
                    </li>
                ))}
            </ul>
        </fieldset>
    );
}
