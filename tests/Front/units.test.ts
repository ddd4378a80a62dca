import { describe, expect, it } from 'vitest';

import { bothWorlds, otherWorld } from '../../resources/js/units/bothWorlds';
import { amps, box, gauge, hours, length, lost, mass, percent, reach, small, thrust, volts, wind, windage } from '../../resources/js/units/units';

/** An inch is 25.4 mm, a pound 0.45359237 kg, a pound of force 4.4482216 N, a knot 0.514444 m/s: by definition. */
describe('both worlds', () => {
    it('writes lengths as a tape has them', () => {
        expect(length(5.9436, 'imperial')).toBe('19 ft 6 in');
        expect(length(5.9436, 'metric')).toBe('5.94 m');
        expect(length(0.3048 * 8, 'imperial')).toBe('8 ft');
        expect(length(0.1016, 'imperial')).toBe('4 in');
        expect(length(0.0953, 'imperial')).toBe('3.8 in');
        expect(length(0, 'imperial')).toBe('0 in');
        expect(length(null, 'metric')).toBe('–');
        expect(length(-0.4572, 'imperial')).toBe('-1 ft 6 in');
        expect(length(-0.3, 'metric')).toBe('-0.3 m');
    });

    it('carries inches over into feet', () => {
        // 11.97 in are 12 in, and those a foot.
        expect(length(0.3048 * 3 - 0.0008, 'imperial')).toBe('3 ft');
        expect(length(0.304, 'imperial')).toBe('1 ft');
    });

    it('never promises more reach than there is', () => {
        expect(reach(4.57, 'imperial')).toBe('14 ft');
        expect(reach(4.59, 'metric')).toBe('4.5 m');
        expect(reach(null, 'imperial')).toBe('–');
    });

    it('writes small measures, compartments and gauges', () => {
        expect(small(38, 'metric')).toBe('38 mm');
        expect(small(38.1, 'imperial')).toBe('1.5 in');
        expect(box([640, 360, 280], 'metric')).toBe('640 × 360 × 280 mm');
        expect(box([635, 355.6, 279.4], 'imperial')).toBe('25 × 14 × 11 in');
        expect(box(undefined, 'imperial')).toBe('–');
        expect(gauge('16 mm2')).toBe('16 mm²');
        expect(gauge('2/0 AWG')).toBe('2/0 AWG');
        // ASTM B258, from memory: 8 AWG has 16,510 circular mils, 8.37 mm².
        expect(bothWorlds('8 AWG')).toBe('8 AWG · 8.37 mm²');
        expect([otherWorld('8 AWG'), otherWorld('70 mm2'), otherWorld('no such')]).toEqual(['8.37 mm²', 'between 2/0 and 3/0 AWG', '–']);
    });

    it('writes thrust, mass, wind and what it finds', () => {
        expect(thrust(498.2, 'imperial')).toBe('112 lbf');
        expect(thrust(498.2, 'metric')).toBe('498 N');
        expect(mass(907.18, 'imperial')).toBe('2000 lb');
        expect(wind(10.28888, 'imperial')).toBe('20 kn');
        expect(windage(2.41547904, 'imperial')).toBe('26 ft²');
    });
});

describe('figures', () => {
    it('shows a small loss as what it is', () => {
        expect(lost(0.0042)).toBe('4.2 mV');
        expect(lost(0.094)).toBe('94 mV');
        expect(lost(0.0996)).toBe('0.10 V');
        expect(lost(1.746)).toBe('1.75 V');
        expect(lost(undefined)).toBe('–');
    });

    it('writes volts, amps, shares and hours', () => {
        expect(volts(12.6)).toBe('12.6 V');
        expect(volts(12.65, 2)).toBe('12.65 V');
        expect(amps(1.84)).toBe('1.8 A');
        expect(amps(56.4)).toBe('56 A');
        expect(amps(null)).toBe('–');
        expect(percent(3.03, 2)).toBe('3.03 %');
        expect(hours(6 + 10 / 60)).toBe('6 h 10');
        expect(hours(1.999)).toBe('2 h 00');
        expect(hours(null)).toBe('–');
    });
});
