import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';

import { useUnits } from '../units/units';
import { metresOf, numbered, typedLength } from './typed';

interface Props {
    /** whose amount it is, as a screen reader says it */
    label: string;
    unit: 'pcs' | 'm';
    /** pieces or metres that stand there first */
    amount: number;
    /** what the button says */
    act: string;
    onAct: (amount: number | string) => void;
}

/** How much of a thing, and what is done with it. */
export function Amount({ label, unit, amount, act, onAct }: Props) {
    const { system } = useUnits();
    const stood = unit === 'm' ? typedLength(amount, system) : String(amount);
    const [typed, setTyped] = useState<string | null>(null);
    const shown = typed ?? stood;
    return (
        <Group gap={6} wrap="nowrap">
            <TextInput
                size="xs"
                w={76}
                inputMode="decimal"
                aria-label={label}
                value={shown}
                onChange={(event) => setTyped(event.currentTarget.value)}
                rightSection={unit === 'm' ? <span className="quiet">{system === 'metric' ? 'm' : 'ft'}</span> : null}
                rightSectionWidth={unit === 'm' ? 22 : 0}
            />
            {/* What nobody touched goes as it was said, not as it was rounded for the eye. */}
            <Button size="compact-sm" variant="outline" onClick={() => onAct(typed === null || typed === stood ? amount : unit === 'm' ? metresOf(typed, system) : numbered(typed))}>
                {act}
            </Button>
        </Group>
    );
}
