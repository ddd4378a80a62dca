import type { Layout } from '../api/types';
import type { Place } from '../boat/place';
import { length, type System } from '../units/units';

type Hull = NonNullable<Layout['hull']>;

/** m: what is let go nearer than this to the middle or to a side is put on it */
const CATCH = 0.1;
/** m that places are rounded to */
export const STEP = 0.05;

/** of sums of metres */
const NOISE = 1e-9;

/** Half the beam where the drawing has it, m. */
function halfBeam(hull: Hull, x: number): number {
    const port = hull.shell.filter(([, y]) => (y ?? 0) >= 0);
    for (let at = 1; at < port.length; at++) {
        const [x0 = 0, y0 = 0] = port[at - 1] ?? [];
        const [x1 = 0, y1 = 0] = port[at] ?? [];
        if ((x0 - x) * (x1 - x) <= 0 && x0 !== x1) {
            return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
        }
    }
    return 0;
}

/**
 * A place let go on the boat plan: on the middle or on a side where it is near one. Of a side the rounded place decides, so
 * that letting go again moves nothing; at the very bow the sides are the middle.
 */
export function snapped(place: Place, hull: Hull | null): Place {
    const [x, y] = [round(place.x_m), round(place.y_m)];
    if (Math.abs(place.y_m) < CATCH) {
        return { x_m: x, y_m: 0 };
    }
    const half = hull === null ? 0 : halfBeam(hull, x);
    const isAtSide = half > CATCH + STEP / 2 && Math.abs(Math.abs(y) - half) < CATCH + NOISE;
    return { x_m: x, y_m: isAtSide ? Number((Math.sign(y) * half).toFixed(2)) : y };
}

export function round(metres: number): number {
    return Number((Math.round(metres / STEP) * STEP).toFixed(2));
}

/** A ring of the hull as a path: bow to the right, port up. */
export function ringPath(ring: number[][]): string {
    return `M${ring.map(([x = 0, y = 0]) => `${x.toFixed(3)} ${(-y).toFixed(3)}`).join('L')}Z`;
}

/** The arrows of the keyboard as steps on the drawing. */
const ARROWS: Record<string, [number, number]> = { ArrowRight: [STEP, 0], ArrowLeft: [-STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] };

/** Where an arrow takes a place; null: the key is none. */
export function nudged(key: string): ((now: Place) => Place) | null {
    const by = ARROWS[key];
    return by === undefined ? null : (now) => ({ x_m: Number((now.x_m + by[0]).toFixed(2)), y_m: Number((now.y_m + by[1]).toFixed(2)) });
}

/** A place as people say it: from the transom, and to which side. */
export function placeInWords(place: Place, system: System): string {
    return `${length(place.x_m, system)} forward of the transom, ${place.y_m === 0 ? 'on the middle' : `${length(Math.abs(place.y_m), system)} to ${place.y_m > 0 ? 'port' : 'starboard'}`}`;
}

/** Forward and to port in the plan; to the right and down in the drawing. */
export function drawn({ x_m, y_m }: Place): { x: number; y: number } {
    return { x: x_m, y: -y_m };
}

export function inserted<T>(list: T[], at: number, one: T): T[] {
    return [...list.slice(0, at), one, ...list.slice(at)];
}
