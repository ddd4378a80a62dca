import { KINDS } from '../api/forms';
import type { Plan, PlannedJob } from '../api/types';
import { deviceName } from './planParts';
import { stationName } from './stationName';

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

/** What people call a part: its own name, or what it joins, or the words of its id. */
export function partName(job: PlannedJob, on: string): string {
    const [kind = '', id = ''] = on.split(':');
    const part = partAt(job.plan, on);
    const name = part?.name;
    switch (kind) {
        case 'plan':
            return job.boat;
        case 'feed':
        case 'branch':
            return job.evaluation.runs.find((run) => run.id === id && run.of === kind)?.label ?? words(id);
        case 'device':
            return deviceName(job.plan, id);
        case 'station':
            return stationName(job, id);
        case 'battery':
            return batteryName(job, id);
        case 'bank':
            return `${words(id)} bank`;
        case 'way':
            return `${stationName(job, part?.from as string)} to ${stationName(job, part?.to as string)}`;
        case 'bond':
            return `Bond ${words(String(part?.from)).toLowerCase()} to ${words(String(part?.to)).toLowerCase()}`;
        case 'jumper':
            return `Jumper ${postName(job, String(part?.from))} to ${postName(job, String(part?.to))}`;
        default:
            return typeof name === 'string' && name !== '' ? name : id.length > 3 ? words(id) : `${words(kind)} ${id}`;
    }
}

/** What a feed leads to, by its name. */
export function targetName(job: PlannedJob, feed: string): string {
    const to = partAt(job.plan, `feed:${feed}`)?.to as { device?: string; block?: string } | undefined;
    const [kind, id] = Object.entries(to ?? {})[0] ?? ['', feed];
    return partName(job, `${kind}:${id}`);
}

/** "Battery 2 of thrust": by its number in its bank; one that stands alone is called as its bank. */
function batteryName(job: PlannedJob, id: string): string {
    for (const bank of job.evaluation.banks) {
        const found = bank.batteries.find((one) => one.id === id);
        if (found !== undefined) {
            return bank.batteries.length === 1 ? `Battery of ${words(bank.id).toLowerCase()}` : `Battery ${found.number} of ${words(bank.id).toLowerCase()}`;
        }
    }
    return words(id);
}

/** @param post as "b1+" */
export function postName(job: PlannedJob, post: string): string {
    return `${batteryName(job, post.slice(0, -1))} ${post.endsWith('+') ? '+' : '−'}`;
}

/** The words of an id: "bow-block" is "Bow block". */
export function words(id: string): string {
    const spaced = id.replace(/[-_.]+/g, ' ');
    return spaced.charAt(0).toUpperCase() + spaced.slice(1);
}
