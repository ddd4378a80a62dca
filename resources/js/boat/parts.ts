import { KINDS } from '../api/forms';
import type { Plan, PlannedJob } from '../api/types';

/** Any part of a plan, found by its address, and what people call it. */

export type Part = Record<string, unknown> & { id: string };

/** Parts of a kind, wherever they stand, in the order of the plan. */
export function partsOf(plan: Plan, kind: string): Part[] {
    const known = KINDS[kind];
    const holders: unknown[] = known === undefined ? [] : known.owner === null ? [plan] : partsOf(plan, known.owner);
    return holders.flatMap((holder) => {
        const list = known?.path.reduce<unknown>((at, key) => (at as Record<string, unknown> | null | undefined)?.[key], holder);
        return Array.isArray(list) ? (list as Part[]) : [];
    });
}

/** @param on "battery:b1", or "plan" for the plan itself */
export function partAt(plan: Plan, on: string): Record<string, unknown> | undefined {
    const [kind = '', ...id] = on.split(':');
    return on === 'plan' ? plan : partsOf(plan, kind).find((part) => part.id === id.join(':'));
}

/** What people call a part, as the server says; one that it has not heard of yet by the words of its id. */
export function partName(job: PlannedJob, on: string): string {
    return on === 'plan' ? job.boat : (job.names[on] ?? words(on.slice(on.indexOf(':') + 1)));
}

/** The same in the middle of a sentence: "the thrust bank". */
export function spokenOf(job: PlannedJob, on: string): string {
    const name = partName(job, on);
    return name.charAt(0).toLowerCase() + name.slice(1);
}

/** What a feed leads to, by its name. */
export function targetName(job: PlannedJob, feed: string): string {
    const to = partAt(job.plan, `feed:${feed}`)?.to as { device?: string; block?: string } | undefined;
    const [kind, id] = Object.entries(to ?? {})[0] ?? ['', feed];
    return partName(job, `${kind}:${id}`);
}

/** @param post as "b1+" */
export function postName(job: PlannedJob, post: string): string {
    return `${partName(job, `battery:${post.slice(0, -1)}`)} ${post.endsWith('+') ? '+' : '−'}`;
}

/** The words of an id: "bow-block" is "Bow block". */
export function words(id: string): string {
    const spaced = id.replace(/[-_.]+/g, ' ');
    return spaced.charAt(0).toUpperCase() + spaced.slice(1);
}
