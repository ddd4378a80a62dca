import { expect, it } from 'vitest';

import { readingIn } from '../../resources/js/rig/readingIn';

it('reads what a thumb types, and nothing else', () => {
    const typed = ['12.6', '12,6', ' 12.6 V', '12.6v', '-0.02', '−0.02', '+38', '.5', '0'];
    expect(typed.map((one) => readingIn(one, 'V, live point'))).toEqual([12.6, 12.6, 12.6, 12.6, -0.02, -0.02, 38, 0.5, 0]);
    // Millivolts are not volts, and what is no figure is none.
    expect(['126 mV', '12.6 A', '', ' ', 'live', '12.6.1', '1e3', '0x10', '12 6'].map((one) => readingIn(one, 'V, conductor'))).toEqual(Array(9).fill(null));
    expect(readingIn('35 mA', 'mA, plus to hull')).toBe(35);
    expect(readingIn('0.035 A', 'mA, plus to hull')).toBeNull();
});
