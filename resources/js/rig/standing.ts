import type { RigStep, Work } from '../api/types';
import type { Entry } from './workQueue';

/** The record as the server tells it, and what the phone has not sent yet. */
interface Known {
    work: Work | undefined;
    waiting: Entry[];
}

/** How a step stands, what waits to be sent counted in. */
export type Standing = 'done' | 'ready' | 'open' | 'held' | 'waiting' | 'sending';

export function standingOf({ id, needs }: Pick<RigStep, 'id' | 'needs'>, { work, waiting }: Known): Standing {
    const own = lastSent(id, waiting);
    if (own !== undefined) {
        return own.act === 'undo' ? 'open' : 'sending';
    }
    if (work === undefined) {
        return 'open';
    }
    const done = new Set(work.done.map((one) => one.step));
    if (done.has(id)) {
        return 'done';
    }
    if (work.waits.some((one) => one.step === id)) {
        return work.ready.includes(id) ? 'ready' : 'waiting';
    }
    if (work.held.some((one) => one.step === id)) {
        return 'held';
    }
    // What it needs may be done and not sent yet: the server hears of it in this order.
    return needs.every((need) => (lastSent(need, waiting)?.act ?? (done.has(need) ? 'done' : 'undo')) === 'done') ? 'ready' : 'open';
}

function lastSent(step: string, waiting: Entry[]): Entry | undefined {
    return [...waiting].reverse().find((entry) => entry.step === step && (entry.act === 'done' || entry.act === 'undo' || entry.act === 'begin'));
}

/** What comes next for this hand, in its order: what waits to be sent is done already. */
export function nextOf({ work, waiting }: Known): string[] {
    const sent = new Set(waiting.filter((entry: Entry) => entry.act === 'done' || entry.act === 'begin').map((entry) => entry.step));
    return (work?.next ?? []).filter((step) => !sent.has(step));
}
