import { NativeSelect } from '@mantine/core';
import { memo } from 'react';

import { sameChoices } from '../plan/sameChoices';
import { useLatest } from '../plan/useLatest';

export type Choices = readonly (readonly [value: string | number | boolean, label: string])[];

interface Props {
    /** seen beside it; null: it is told to those who cannot see where it stands */
    label: string | null;
    unseen?: string;
    field: string;
    choices: Choices;
    /** null: none is given */
    value: string | number | boolean | null;
    /** what stands for none; null: one must be given */
    none: string | null;
    readOnly: boolean;
    required?: boolean;
    className?: string;
    /** undefined: none */
    onChosen: (value: string | number | boolean | undefined) => void;
}

/** One of several, by its value; one that is not offered any more stays as it is until another is chosen. */
export function ChoiceSelect({ onChosen, ...shown }: Props) {
    return <Select {...shown} onChosen={useLatest(onChosen)} />;
}

/** Drawn anew only when what it offers or shows is another. */
const Select = memo(function Select({ label, unseen, field, choices, value, none, readOnly, required = false, className, onChosen }: Props) {
    const shown = value === null ? '' : String(value);
    return (
        <NativeSelect
            label={label}
            aria-label={unseen}
            data-field={field}
            className={className}
            size="xs"
            disabled={readOnly}
            required={required}
            withAsterisk={required && value === null}
            value={shown}
            onChange={(event) => onChosen(choices.find(([one]) => String(one) === event.currentTarget.value)?.[0])}
        >
            {none !== null && <option value="">{none}</option>}
            {value !== null && !choices.some(([one]) => String(one) === shown) && <option value={shown}>{shown}</option>}
            {choices.map(([one, words]) => (
                <option key={String(one)} value={String(one)}>
                    {words}
                </option>
            ))}
        </NativeSelect>
    );
}, sameChoices);
