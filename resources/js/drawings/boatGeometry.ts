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

/** A spot of the drawing, m. */
export interface Spot {
    x: number;
    y: number;
}

/** How the boat lies on the drawing. */
export interface BoatView {
    /** where her bow is */
    bow: 'right' | 'up';
    /** a place of the plan, forward and to port, as a spot of the drawing, to the right and down */
    drawn: (place: Place) => Spot;
    /** and back */
    placeOf: (spot: Spot) => Place;
    /** what is so long forward and so wide across, as it is drawn */
    across: (long: number, wide: number) => { width: number; height: number };
    /** the steps of the arrow keys: a thing goes where the arrow points */
    arrows: Record<string, Place>;
}

/** At the desk, as a chart lies. */
export const BOW_RIGHT: BoatView = {
    bow: 'right',
    drawn: ({ x_m, y_m }) => ({ x: x_m, y: -y_m }),
    placeOf: ({ x, y }) => ({ x_m: x, y_m: -y }),
    across: (long, wide) => ({ width: long, height: wide }),
    arrows: { ArrowRight: { x_m: STEP, y_m: 0 }, ArrowLeft: { x_m: -STEP, y_m: 0 }, ArrowUp: { x_m: 0, y_m: STEP }, ArrowDown: { x_m: 0, y_m: -STEP } },
};

/** On a phone that is held upright, as one stands in her and looks forward. */
export const BOW_UP: BoatView = {
    bow: 'up',
    drawn: ({ x_m, y_m }) => ({ x: -y_m, y: -x_m }),
    placeOf: ({ x, y }) => ({ x_m: -y, y_m: -x }),
    across: (long, wide) => ({ width: wide, height: long }),
    arrows: { ArrowUp: { x_m: STEP, y_m: 0 }, ArrowDown: { x_m: -STEP, y_m: 0 }, ArrowLeft: { x_m: 0, y_m: STEP }, ArrowRight: { x_m: 0, y_m: -STEP } },
};

/** Corners joined by straight lines. */
export function pathThrough(spots: Spot[]): string {
    return `M${spots.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}`;
}

/** A ring of the hull as a path. */
export function ringPath(ring: number[][], view: BoatView): string {
    return `${pathThrough(ring.map(([x_m = 0, y_m = 0]) => view.drawn({ x_m, y_m })))}Z`;
}

/** Where an arrow takes a place; null: the key is none. */
export function nudged(key: string, view: BoatView): ((now: Place) => Place) | null {
    const by = view.arrows[key];
    return by === undefined ? null : (now) => ({ x_m: Number((now.x_m + by.x_m).toFixed(2)), y_m: Number((now.y_m + by.y_m).toFixed(2)) });
}

/** A place as people say it: from the transom, and to which side. */
export function placeInWords(place: Place, system: System): string {
    return `${length(place.x_m, system)} forward of the transom, ${place.y_m === 0 ? 'on the middle' : `${length(Math.abs(place.y_m), system)} to ${place.y_m > 0 ? 'port' : 'starboard'}`}`;
}

export function inserted<T>(list: T[], at: number, one: T): T[] {
    return [...list.slice(0, at), one, ...list.slice(at)];
}
