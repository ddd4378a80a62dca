import type { PlannedJob } from '../api/types';
import { postName } from './parts';

/**
 * The terminals that current can be taken from, as the plan file names them, each called by the post that it is: the ends of
 * the strings, and the taps between blocks of the first.
 *
 * @param bank its id
 */
export function terminalsOf(job: PlannedJob, bank: unknown): (readonly [name: string, label: string])[] {
    const strings = job.plan.banks?.find((one) => one.id === bank)?.strings ?? [];
    return strings.flatMap((string, at) => {
        const suffix = at === 0 ? '' : `@${at + 1}`;
        const [first, last] = [string[0], string.at(-1)];
        if (first === undefined || last === undefined) {
            return [];
        }
        const taps = at > 0 ? [] : string.slice(0, -1).map((battery, below) => [`tap:${below + 1}`, `${postName(job, `${battery}+`)}, tap`] as const);
        return [[`neg${suffix}`, postName(job, `${first}-`)] as const, ...taps, [`pos${suffix}`, postName(job, `${last}+`)] as const];
    });
}
