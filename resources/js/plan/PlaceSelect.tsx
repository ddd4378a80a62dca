import { NativeSelect } from '@mantine/core';
import { memo } from 'react';

import { sameChoices } from './sameChoices';
import { useLatest } from './useLatest';

interface Props {
    label: string;
    value: string;
    choices: readonly (readonly [value: string, label: string, disabled?: boolean])[];
    readOnly: boolean;
    onChosen: (value: string) => void;
}

/** A choice that is changed where it stands. */
export function PlaceSelect({ onChosen, ...shown }: Props) {
    return <Select {...shown} onChosen={useLatest(onChosen)} />;
}

/** Drawn anew only when what it shows is another. */
const Select = memo(function Select({ label, value, choices, readOnly, onChosen }: Props) {
    if (readOnly) {
        return <span>{choices.find(([one]) => one === value)?.[1] ?? '–'}</span>;
    }
    const longest = Math.max(3, ...choices.map(([, words]) => words.length));
    const known = choices.some(([one]) => one === value) ? choices : [[value, '–'] as const, ...choices];
    return <NativeSelect display="inline-block" w={`calc(${longest}ch + 36px)`} maw="100%" size="xs" aria-label={label} value={value} data={known.map(([one, words, disabled]) => ({ value: one, label: words, disabled }))} onChange={(event) => onChosen(event.currentTarget.value)} />;
}, sameChoices);
