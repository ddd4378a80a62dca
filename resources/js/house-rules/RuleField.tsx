import { useState } from 'react';

import { Checkbox } from '@mantine/core';
import type { HouseRule } from '../api/types';
import { useUnits } from '../units/units';
import classes from './HouseRules.module.css';
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
            <details className={classes.stock}>
                <summary>{kept.length} gauges</summary>
                <fieldset disabled={readOnly} aria-label={rule.label}>
                    {rule.choices.map(String).map((choice) => (
                        <label key={choice}>
                            <Checkbox checked={kept.includes(choice)} onChange={(event) => onChoose(event.currentTarget.checked ? [...kept, choice] : kept.filter((one) => one !== choice))} /> {choiceWords(choice)}
                        </label>
                    ))}
                </fieldset>
            </details>
        );
    }
    if (readOnly) {
        return <span className="figure">{told(rule, value, system)}</span>;
    }
    if (rule.choices.length > 0) {
        return (
            <select aria-label={rule.label} value={String(value)} onChange={(event) => onChoose(rule.choices.find((choice) => String(choice) === event.currentTarget.value) ?? null)}>
                {rule.choices.map((choice) => (
                    <option key={String(choice)} value={String(choice)}>
                        {choiceWords(choice)}
                        {rule.unit === '' ? '' : ` ${rule.unit}`}
                    </option>
                ))}
            </select>
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
        <input
            aria-label={rule.label}
            className="figure"
            value={typing ?? shown}
            size={8}
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
