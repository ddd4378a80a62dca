import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

import type { Layout } from '../../resources/js/api/types';
import { BOW_RIGHT, BOW_UP, inserted, nudged, round, snapped, STEP } from '../../resources/js/drawings/boatGeometry';
import { length, reach, small, thrust } from '../../resources/js/units/units';

/** A boat that is widest somewhere, and pointed at the bow. */
const hull = fc.record({ long: fc.double({ min: 2, max: 12, noNaN: true }), half: fc.double({ min: 0.4, max: 2, noNaN: true }), shoulder: fc.double({ min: 0.2, max: 0.9, noNaN: true }) }).map(
    ({ long, half, shoulder }) => ({ length_m: long, beam_m: 2 * half, shell: [[0, half], [shoulder * long, half], [long, 0], [shoulder * long, -half], [0, -half]], inner: [] }) satisfies Layout['hull'],
);
const place = fc.record({ x_m: fc.double({ min: -1, max: 13, noNaN: true }), y_m: fc.double({ min: -3, max: 3, noNaN: true }) });

describe('on the boat plan, wherever a hand lets go', () => {
    it('a place stays near, and letting go again moves it no more', () => {
        fc.assert(
            fc.property(place, hull, (at, boat) => {
                const once = snapped(at, boat);
                expect(Math.hypot(once.x_m - at.x_m, once.y_m - at.y_m)).toBeLessThan(0.15);
                expect(snapped(once, boat)).toEqual(once);
            }),
            { numRuns: 1000 },
        );
    });

    it('what a rounding brings near a side, or just not, stays where it was put', () => {
        const boat = { length_m: 2, beam_m: 0.84, shell: [[0, 0.42], [0.4, 0.42], [2, 0], [0.4, -0.42], [0, -0.42]], inner: [] };
        for (const y of [0.521, -0.5200000000000001, 0.3, 0.526, 0.13, 0.06]) {
            const once = snapped({ x_m: 0.1, y_m: y }, boat);
            expect(snapped(once, boat)).toEqual(once);
        }
    });

    it('port and starboard are alike', () => {
        fc.assert(
            fc.property(place, hull, (at, boat) => {
                // Half a step rounds up on one side and down on the other: not a place that a hand hits.
                fc.pre(Math.abs(((at.y_m / STEP) % 1) - 0.5) > 1e-6 && Math.abs(((-at.y_m / STEP) % 1) - 0.5) > 1e-6 && Math.abs(at.y_m) > 1e-9);
                const [port, starboard] = [snapped(at, boat), snapped({ ...at, y_m: -at.y_m }, boat)];
                expect(port.x_m).toBe(starboard.x_m);
                expect(port.y_m + starboard.y_m).toBeCloseTo(0, 9);
            }),
        );
    });

    it('rounding is to whole steps, by half a step at most', () => {
        fc.assert(
            fc.property(fc.double({ min: -20, max: 20, noNaN: true }), (metres) => {
                expect(Math.abs(round(metres) - metres)).toBeLessThanOrEqual(STEP / 2 + 1e-9);
                expect(Math.abs(round(metres) / STEP - Math.round(round(metres) / STEP))).toBeLessThan(1e-6);
            }),
        );
    });

    it('an arrow and its opposite bring a place back, however she lies', () => {
        fc.assert(
            fc.property(place, fc.constantFrom(BOW_RIGHT, BOW_UP), fc.constantFrom(['ArrowUp', 'ArrowDown'], ['ArrowLeft', 'ArrowRight']), (at, view, [there = '', back = '']) => {
                const start = { x_m: round(at.x_m), y_m: round(at.y_m) };
                const gone = nudged(there, view)?.(start) ?? start;
                expect(gone).not.toEqual(start);
                expect(nudged(back, view)?.(gone)).toEqual(start);
            }),
        );
    });

    it('what is drawn higher lies farther to port, and farther right nearer the bow', () => {
        fc.assert(
            fc.property(place, place, (one, other) => {
                fc.pre(one.y_m !== other.y_m && one.x_m !== other.x_m);
                expect(BOW_RIGHT.drawn(one).y < BOW_RIGHT.drawn(other).y).toBe(one.y_m > other.y_m);
                expect(BOW_RIGHT.drawn(one).x > BOW_RIGHT.drawn(other).x).toBe(one.x_m > other.x_m);
                // Turned on a phone: farther left to port, and higher nearer the bow.
                expect(BOW_UP.drawn(one).x < BOW_UP.drawn(other).x).toBe(one.y_m > other.y_m);
                expect(BOW_UP.drawn(one).y < BOW_UP.drawn(other).y).toBe(one.x_m > other.x_m);
            }),
        );
    });

    it('a spot of the drawing is the place that is drawn there, and an arrow moves it where it points', () => {
        fc.assert(
            fc.property(place, fc.constantFrom(BOW_RIGHT, BOW_UP), fc.constantFrom([1, 0, 'ArrowRight'] as const, [-1, 0, 'ArrowLeft'] as const, [0, -1, 'ArrowUp'] as const, [0, 1, 'ArrowDown'] as const), (at, view, [right, down, key]) => {
                const spot = view.drawn(at);
                const back = view.placeOf(spot);
                expect([back.x_m, back.y_m]).toEqual([at.x_m + 0, at.y_m + 0].map((one) => expect.closeTo(one, 9) as number));
                const gone = view.drawn(nudged(key, view)?.(at) ?? at);
                expect(gone.x - spot.x).toBeCloseTo(right * STEP, 1);
                expect(gone.y - spot.y).toBeCloseTo(down * STEP, 1);
            }),
        );
    });

    it('a list with one more keeps the others in their order', () => {
        fc.assert(
            fc.property(fc.array(fc.integer()), fc.nat(20), (list, at) => {
                fc.pre(at <= list.length);
                const more = inserted(list, at, -1);
                expect(more[at]).toBe(-1);
                expect([...more.slice(0, at), ...more.slice(at + 1)]).toEqual(list);
            }),
        );
    });
});

/** An inch is 0.0254 m, a pound of force 4.4482216 N: by definition. */
describe('in both worlds', () => {
    const metres = (text: string): number => {
        const [, feet = '0', inches = '0'] = /^(?:([\d.]+) ft)? ?(?:([\d.]+) in)?$/.exec(text) ?? [];
        return Number(feet) * 0.3048 + Number(inches) * 0.0254;
    };

    it('a length reads back to what it was, within half an inch, and below a foot within half a tenth', () => {
        fc.assert(
            fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (value) => {
                expect(Math.abs(metres(length(value, 'imperial')) - value)).toBeLessThanOrEqual((value < 0.3048 ? 0.05 : 0.5) * 0.0254 + 1e-9);
                expect(Math.abs(Number(length(value, 'metric').replace(' m', '')) - value)).toBeLessThanOrEqual(0.005 + 1e-9);
            }),
        );
    });

    it('a foot is never written as twelve inches, and the other side has a minus', () => {
        fc.assert(
            fc.property(fc.double({ min: 0.001, max: 60, noNaN: true }), (value) => {
                expect(length(value, 'imperial')).not.toMatch(/\b12(\.0)? in/);
                expect(length(-value, 'imperial')).toBe(`-${length(value, 'imperial')}`);
            }),
        );
    });

    it('a reach is never more than there is', () => {
        fc.assert(
            fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (value) => {
                expect(Number(reach(value, 'metric').replace(' m', ''))).toBeLessThanOrEqual(value + 1e-9);
                expect(metres(reach(value, 'imperial'))).toBeLessThanOrEqual(value + 1e-9);
                expect(value - metres(reach(value, 'imperial'))).toBeLessThan(0.3048 + 1e-9);
            }),
        );
    });

    it('small measures and thrust keep their size', () => {
        fc.assert(
            fc.property(fc.double({ min: 0.1, max: 900, noNaN: true }), (value) => {
                expect(Math.abs(Number(small(value, 'imperial').replace(' in', '')) * 25.4 - value)).toBeLessThanOrEqual(0.005 * 25.4 + 1e-9);
                expect(Math.abs(Number(thrust(value, 'imperial').replace(' lbf', '')) * 4.4482216 - value)).toBeLessThanOrEqual(0.5 * 4.4482216 + 1e-9);
            }),
        );
    });
});
