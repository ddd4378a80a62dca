import type { PlannedJob } from '../api/types';
import { inserted, round } from '../drawings/boatGeometry';
import type { Place } from '../boat/place';
import type { Change } from '../plan/changes';

/** A station moved from where it is by then; null: it is gone. */
export function moved(job: PlannedJob, station: string, to: (now: Place) => Place): Change | null {
    const there = job.plan.boat?.stations?.find((one) => one.id === station);
    return there === undefined ? null : { propose: { make: 'move', station, at: to({ x_m: there.x_m, y_m: there.y_m }) } };
}

/** The bends of a way changed from what they are by then; null: the way is gone. */
export function bent(job: PlannedJob, way: string, bends: (now: Place[]) => Place[]): Change | null {
    const there = job.plan.boat?.ways?.find((one) => one.id === way);
    return there === undefined ? null : { propose: { make: 'bends', way, bends: bends(there.bends_m ?? []) } };
}

/** A device at a place of its own, from where it is by then; null: it is gone, or nobody has said where it is. */
export function placed(job: PlannedJob, on: string, to: (now: Place) => Place): Change | null {
    const device = job.plan.devices?.find((one) => `device:${one.id}` === on);
    const station = job.plan.boat?.stations?.find((one) => one.id === device?.station);
    const now = device?.at_m ?? station;
    return now === undefined ? null : { patch: [{ on, set: { at_m: to({ x_m: now.x_m, y_m: now.y_m }) } }] };
}

/** A device at a station, and at no place of its own any more. */
export function seated(on: string, station: string): Change {
    return { patch: [{ on, set: { station }, unset: ['at_m'] }] };
}

/** A bend more, in the middle of the longest straight piece. */
export function bentOnceMore(job: PlannedJob, way: string): Change | null {
    const there = job.plan.boat?.ways?.find((one) => one.id === way);
    const end = (id?: string) => job.plan.boat?.stations?.find((station) => station.id === id);
    const [from, to] = [end(there?.from), end(there?.to)];
    if (from === undefined || to === undefined) {
        return null;
    }
    return bent(job, way, (now) => {
        const corners = [from, ...now, to];
        const pieces = corners.slice(1).map((corner, at) => ({ at, begins: corners[at] ?? corner, ends: corner }));
        const [longest] = pieces.sort((a, b) => lengthOf(b) - lengthOf(a));
        return longest === undefined ? now : inserted(now, longest.at, { x_m: round((longest.begins.x_m + longest.ends.x_m) / 2), y_m: round((longest.begins.y_m + longest.ends.y_m) / 2) });
    });
}

function lengthOf({ begins, ends }: { begins: Place; ends: Place }): number {
    return Math.hypot(ends.x_m - begins.x_m, ends.y_m - begins.y_m);
}
