import type { HouseRule } from '../api/types';
import { gauge, length, type System } from '../units/units';

/** A value of a rule as it is tried; null: its default. */
export type RuleValue = HouseRule['value'] | null;

const CHOICES: Record<string, string> = {
    'crimp-shrink': 'crimped, adhesive shrink',
    'crimp-solder': 'crimped, then soldered',
    splice: 'mechanical splice',
    charger: 'charger leads',
    jumpers: 'jumpers',
    full: 'everything',
    circuit: 'circuit and gauge',
    ends: 'from and to',
    negative: 'the negative end',
    positive: 'the top of the string',
};

/** A choice as people say it. */
export function choiceWords(choice: string | number | boolean): string {
    return CHOICES[String(choice)] ?? gauge(String(choice));
}

/** A rule's value as it reads in its field, unit included. */
export function told(rule: HouseRule, value: HouseRule['value'], system: System): string {
    if (Array.isArray(value)) {
        return value.map(gauge).join(', ');
    }
    if (typeof value !== 'number') {
        return choiceWords(value);
    }
    switch (rule.unit) {
        case 'm':
            return length(value, system);
        case 'share':
            return `${Number((value * 100).toFixed(1))} %`;
        default:
            return `${value} ${rule.unit}`.trim();
    }
}
