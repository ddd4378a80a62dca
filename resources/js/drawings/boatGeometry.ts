import type { Layout } from '../api/types';
import type { Place } from '../plan/usePlanEdits';

type Hull = NonNullable<Layout['hull']>;

/** m: what is let go nearer than this to the middle or to a side is put on it */
const CATCH = 0.1;
/** m that places are rounded to */
export const STEP = 0.05;

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

/** A place let go on the boat plan: on the middle or on a side where it is near one. */
export function snapped(place: Place, hull: Hull | null): Place {
    const x = round(place.x_m);
    if (Math.abs(place.y_m) < CATCH) {
        return { x_m: x, y_m: 0 };
    }
    const half = hull === null ? 0 : halfBeam(hull, x);
    if (half > 0 && Math.abs(Math.abs(place.y_m) - half) < CATCH) {
        return { x_m: x, y_m: Number((Math.sign(place.y_m) * half).toFixed(2)) };
    }
    return { x_m: x, y_m: round(place.y_m) };
}

export function round(metres: number): number {
    return Number((Math.round(metres / STEP) * STEP).toFixed(2));
}

/** A ring of the hull as a path: bow to the right, port up. */
export function ringPath(ring: number[][]): string {
    return `M${ring.map(([x = 0, y = 0]) => `${x.toFixed(3)} ${(-y).toFixed(3)}`).join('L')}Z`;
}
