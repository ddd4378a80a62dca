import type { DayRun } from '../api/types';

/** px: left of the hours, right of them for the names of lines */
export const [LEFT, RIGHT] = [64, 196];
/** px from the top: phases, charge, volts */
export const PHASES = { top: 42, height: 44 };
export const CHARGE = { top: 104, height: 120 };
export const VOLTS = { top: 246, height: 84 };
export const HEIGHT = 360;

/** Variants that lie over the day, told apart where they end: as many as may lie there at one time. */
export const LETTERS = ['A', 'B', 'C'];

/** Lines of banks are told apart by their dashes: colour alone tells nobody. */
export const DASHES = [undefined, '9 4', '3 3', '12 3 3 3', '1 3'];

/** What gives out, first first; what goes at the same minute is one flag. */
export function flags(run: DayRun): { minute: number; devices: string[] }[] {
    const by = new Map<number, string[]>();
    for (const { id, minutes_until: minute } of run.devices) {
        if (minute !== null) {
            by.set(minute, [...(by.get(minute) ?? []), id]);
        }
    }
    return [...by].sort(([one], [other]) => one - other).map(([minute, devices]) => ({ minute, devices }));
}

/** A line through points, broken where nothing is known. */
export function lineThrough(xs: readonly number[], ys: readonly (number | null)[]): string {
    let pen = 'M';
    return xs
        .map((x, at) => {
            const y = ys[at] ?? null;
            const piece = y === null ? '' : `${pen}${x.toFixed(1)} ${y.toFixed(1)}`;
            pen = y === null ? 'M' : 'L';
            return piece;
        })
        .join('');
}

/** Heights of names that would stand on one another: pushed apart, in their order. */
export function apart(wanted: readonly number[], least: number, bottom: number): number[] {
    const order = wanted.map((y, at) => [y, at] as const).sort(([one], [other]) => one - other);
    const placed: number[] = [];
    let free = -Infinity;
    for (const [y, at] of order) {
        free = Math.max(y, free + least);
        placed[at] = free;
    }
    const over = Math.max(0, free - bottom);
    return placed.map((y) => y - over);
}

/** Where a phase comes to stand among all when it is dragged by so many hours: before the first whose middle it has not passed. */
export function placeAmong(run: DayRun, which: number, byHours: number): number {
    const phase = run.phases[which];
    if (phase === undefined) {
        return which;
    }
    const middle = phase.at_min + phase.minutes / 2 + 60 * byHours;
    return run.phases.filter((other, at) => at !== which && other.at_min + other.minutes / 2 < middle).length;
}
