import { describe, expect, it } from 'vitest';

import type { Layout } from '../../resources/js/api/types';
import { BOW_RIGHT, BOW_UP, inserted, nudged, placeInWords, ringPath, round, snapped } from '../../resources/js/drawings/boatGeometry';

/** Two metres wide from the transom to 4 m, then to a point at 6 m. */
const HULL = { length_m: 6, beam_m: 2, shell: [[0, 1], [4, 1], [6, 0], [4, -1], [0, -1]], inner: [] } satisfies Layout['hull'];

describe('what is let go on the boat plan', () => {
    it('goes on the middle where it is near it', () => {
        expect(snapped({ x_m: 2.02, y_m: 0.09 }, HULL)).toEqual({ x_m: 2, y_m: 0 });
        expect(snapped({ x_m: 2.02, y_m: -0.12 }, HULL)).toEqual({ x_m: 2, y_m: -0.1 });
    });

    it('goes on the side that it is near, where the hull narrows too', () => {
        expect(snapped({ x_m: 2, y_m: 0.93 }, HULL)).toEqual({ x_m: 2, y_m: 1 });
        expect(snapped({ x_m: 2, y_m: -1.08 }, HULL)).toEqual({ x_m: 2, y_m: -1 });
        // Half way from 4 to 6 m the side stands 0.5 m off.
        expect(snapped({ x_m: 5, y_m: 0.56 }, HULL)).toEqual({ x_m: 5, y_m: 0.5 });
    });

    it('keeps to steps of five centimetres elsewhere, and outside the hull', () => {
        expect(snapped({ x_m: 1.234, y_m: 0.518 }, HULL)).toEqual({ x_m: 1.25, y_m: 0.5 });
        expect(snapped({ x_m: 7, y_m: 1.4 }, HULL)).toEqual({ x_m: 7, y_m: 1.4 });
        expect(snapped({ x_m: 1, y_m: 0.97 }, null)).toEqual({ x_m: 1, y_m: 0.95 });
        expect(round(0.074)).toBe(0.05);
    });
});

describe('places by keys and in words', () => {
    it('moves by arrows, up to port', () => {
        const by = (key: string) => nudged(key, BOW_RIGHT)?.({ x_m: 1, y_m: 0 });
        expect(by('ArrowUp')).toEqual({ x_m: 1, y_m: 0.05 });
        expect(by('ArrowDown')).toEqual({ x_m: 1, y_m: -0.05 });
        expect(by('ArrowRight')).toEqual({ x_m: 1.05, y_m: 0 });
        expect(by('ArrowLeft')).toEqual({ x_m: 0.95, y_m: 0 });
        expect(nudged('Enter', BOW_RIGHT)).toBeNull();
    });

    it('lies bow up where she is looked at standing, port at the left', () => {
        expect(BOW_UP.drawn({ x_m: 1, y_m: 0.5 })).toEqual({ x: -0.5, y: -1 });
        expect(BOW_UP.across(1.2, 0.4)).toEqual({ width: 0.4, height: 1.2 });
        expect(nudged('ArrowUp', BOW_UP)?.({ x_m: 1, y_m: 0 })).toEqual({ x_m: 1.05, y_m: 0 });
        expect(nudged('ArrowRight', BOW_UP)?.({ x_m: 1, y_m: 0 })).toEqual({ x_m: 1, y_m: -0.05 });
    });

    it('does not gather what computers round', () => {
        let place = { x_m: 0, y_m: 0 };
        for (let press = 0; press < 30; press++) {
            place = nudged('ArrowRight', BOW_RIGHT)?.(place) ?? place;
        }
        expect(place.x_m).toBe(1.5);
    });

    it('says where something is', () => {
        expect(placeInWords({ x_m: 2.4384, y_m: 0 }, 'imperial')).toBe('8 ft forward of the transom, on the middle');
        expect(placeInWords({ x_m: 2, y_m: -0.3 }, 'metric')).toBe('2 m forward of the transom, 0.3 m to starboard');
        expect(placeInWords({ x_m: 2, y_m: 0.3 }, 'metric')).toBe('2 m forward of the transom, 0.3 m to port');
    });

    it('draws port upwards', () => {
        expect(BOW_RIGHT.drawn({ x_m: 1, y_m: 0.5 })).toEqual({ x: 1, y: -0.5 });
        expect(ringPath([[0, 1], [4, -1]], BOW_RIGHT)).toBe('M0.000 -1.000L4.000 1.000Z');
    });

    it('puts one between others and leaves them as they are', () => {
        const list = ['a', 'c'];
        expect(inserted(list, 1, 'b')).toEqual(['a', 'b', 'c']);
        expect(inserted(list, 2, 'd')).toEqual(['a', 'c', 'd']);
        expect(list).toEqual(['a', 'c']);
    });
});
