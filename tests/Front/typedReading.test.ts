import { describe, expect, it } from 'vitest';

import type { Measurement } from '../../resources/js/api/types';
import { expected, rightFromTo, shown } from '../../resources/js/readings/figures';
import { along } from '../../resources/js/readings/ToleranceBar';
import { OVER, typedReading } from '../../resources/js/readings/typedReading';

const VOLTS: Measurement = { id: 'post', unit: 'V', says: 'at the post', red: 'Battery 3 +', black: 'Battery 1 −', red_node: 'b3+', black_node: 'b1-', expect: 38.1, low: 37.89, high: 38.31, range: '200 V DC' };
const OPEN: Measurement = { ...VOLTS, id: 'plus-minus', unit: 'Ω', expect: null, low: 10_000, high: null, range: '20 kΩ' };

describe('what is typed as a reading', () => {
    it('takes either sign for the decimals, a minus, and the unit that is chosen', () => {
        expect(typedReading('12.71', 'V', 'V')).toBe(12.71);
        expect(typedReading('12,71', 'V', 'V')).toBe(12.71);
        expect(typedReading('−38.1', 'V', 'V')).toBe(-38.1);
        expect(typedReading('12710', 'V', 'mV')).toBe(12.71);
        expect(typedReading('4.7', 'Ω', 'kΩ')).toBe(4_700);
    });

    it('takes a unit that is typed before the one that is chosen', () => {
        expect(typedReading('12710 mV', 'V', 'V')).toBe(12.71);
        expect(typedReading('4.7MΩ', 'Ω', 'Ω')).toBe(4_700_000);
    });

    it('takes the letters of a meter that shows more than its range', () => {
        expect(['OL', 'O.L', 'ol', 'open'].map((typed) => typedReading(typed, 'Ω', 'Ω'))).toEqual([OVER, OVER, OVER, OVER]);
    });

    it('takes nothing else', () => {
        expect(['', '−', '.', '12.7.1', '12 A', '12 Ω', 'about 12'].map((typed) => typedReading(typed, 'V', 'V'))).toEqual([null, null, null, null, null, null, null]);
    });
});

describe('a reading as it is written', () => {
    it('has its unit, and no more digits than a meter', () => {
        expect([shown(38.1, 'V'), shown(0, 'V'), shown(OVER, 'Ω'), shown(0.3, 'Ω'), shown(47_000, 'Ω'), shown(4_700_000, 'Ω')]).toEqual(['38.10 V', '0 V', 'open', '0.3 Ω', '47 kΩ', '4.7 MΩ']);
    });

    it('says what must come, and from where to where it is right', () => {
        expect([expected(VOLTS), expected({ ...VOLTS, expect: null }), expected(OPEN)]).toEqual(['38.10 V', '0 V', 'open']);
        expect([rightFromTo(VOLTS), rightFromTo(OPEN)]).toEqual(['right from 37.89 to 38.31 V', 'right from 10 kΩ']);
    });
});

describe('where a reading lands on the bar', () => {
    it('is inside the band where it is right, and outside it where it is not', () => {
        const [from, to] = [along(VOLTS.low, VOLTS), along(VOLTS.high ?? 0, VOLTS)];
        expect(along(38.1, VOLTS)).toBeCloseTo((from + to) / 2);
        expect(along(37.8, VOLTS)).toBeLessThan(from);
        expect(along(38.4, VOLTS)).toBeGreaterThan(to);
        expect([along(-38.1, VOLTS), along(OVER, VOLTS)]).toEqual([0, 1]);
    });

    it('of ohms is drawn by tenfolds: a short at one end, open at the other', () => {
        expect([along(0.1, OPEN), along(OVER, OPEN)]).toEqual([0, 1]);
        expect(along(10_000, OPEN)).toBeCloseTo(5 / 8);
        expect(along(0, OPEN)).toBe(0);
    });
});
