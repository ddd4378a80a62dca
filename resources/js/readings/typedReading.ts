import type { Measurement } from '../api/types';

/** what stands for more than a meter can show */
export const OVER = 1e9;

/** what a meter may write behind its figure, and what that is times as much as */
export const UNITS: Record<Measurement['unit'], readonly (readonly [string, number])[]> = {
    V: [['V', 1], ['mV', 1e-3]],
    Ω: [['Ω', 1], ['kΩ', 1e3], ['MΩ', 1e6]],
};

/** The letters of a meter that shows more than its range. */
const LETTERS = /^o\.?l\.?$|^open$/i;

/**
 * What was typed, in volts or ohms, with either sign for the decimals; null: no figure. A unit that is typed along with it counts
 * before the one that is chosen.
 */
export function typedReading(typed: string, unit: Measurement['unit'], chosen: string): number | null {
    const text = typed.trim().replace('−', '-').replace(',', '.');
    if (LETTERS.test(text)) {
        return OVER;
    }
    const [, figure = '', written = ''] = /^([+-]?(?:\d+\.?\d*|\.\d+))\s*([a-zA-ZΩµ]*)$/.exec(text) ?? [];
    const times = UNITS[unit].find(([name]) => name === (written === '' ? chosen : written))?.[1];
    // To the digits that a meter has: 12.7 kΩ are no 12699.999.
    return figure === '' || times === undefined ? null : Number((Number(figure) * times).toPrecision(9));
}
