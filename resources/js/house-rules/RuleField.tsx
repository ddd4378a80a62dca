import { useState } from 'react';

import { Checkbox, NativeSelect, SimpleGrid, TextInput } from '@mantine/core';
import type { HouseRule } from '../api/types';
import { useUnits } from '../units/units';
import { choiceWords, type RuleValue, told } from './ruleWords';

interface Props {
    rule: HouseRule;
    /** what the rule would become; undefined: it stays as it is kept */
    drafted: RuleValue | undefined;
    readOnly: boolean;
    onChoose: (value: RuleValue) => void;
}

/** A rule's value, changed where it stands: typed with its unit, chosen, or ticked from a list. An emptied field takes the default. */
export function RuleField({ rule, drafted, readOnly, onChoose }: Props) {
    const { system } = useUnits();
    const [typing, setTyping] = useState<string | null>(null);
    const value = drafted === undefined ? rule.value : (drafted ?? rule.default);
    if (Array.isArray(value)) {
        const kept = value;
        return (
            <details>
                <summary>{kept.length} gauges</summary>
                <Checkbox.Group aria-label={rule.label} value={kept} onChange={readOnly ? undefined : onChoose}>
                    <SimpleGrid cols={2} spacing={12} verticalSpacing={2} mt={4}>
                        {rule.choices.map(String).map((choice) => (
                            <Checkbox key={choice} value={choice} disabled={readOnly} label={choiceWords(choice)} />
                        ))}
                    </SimpleGrid>
                </Checkbox.Group>
            </details>
        );
    }
    if (readOnly) {
        return <span className="figure">{told(rule, value, system)}</span>;
    }
    if (rule.choices.length > 0) {
        return (
            <NativeSelect
                size="xs"
                aria-label={rule.label}
                value={String(value)}
                data={rule.choices.map((choice) => ({ value: String(choice), label: `${choiceWords(choice)}${rule.unit === '' ? '' : ` ${rule.unit}`}` }))}
                onChange={(event) => onChoose(rule.choices.find((choice) => String(choice) === event.currentTarget.value) ?? null)}
            />
        );
    }
    const shown = typeof drafted === 'string' ? drafted : told(rule, value, system);
    const take = () => {
        if (typing !== null) {
            onChoose(typing.trim() === '' ? null : typing === told(rule, rule.value, system) ? rule.value : typing);
            setTyping(null);
        }
    };
    return (
        <TextInput
            size="sm"
            w={130}
            aria-label={rule.label}
            value={typing ?? shown}
            onFocus={(event) => event.currentTarget.select()}
            onChange={(event) => setTyping(event.currentTarget.value)}
            onBlur={take}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    take();
                } else if (event.key === 'Escape') {
                    setTyping(null);
                }
            }}
        />
    );
}
