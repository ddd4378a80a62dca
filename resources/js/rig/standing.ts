import type { Work } from '../api/types';
import type { Entry } from './workQueue';

/** The record as the server tells it, and what the phone has not sent yet. */
interface Known {
    work: Work | undefined;
    waiting: Entry[];
}

/** How a step stands, what waits to be sent counted in. */
export type Standing = 'done' | 'ready' | 'open' | 'held' | 'waiting' | 'sending';

export function standingOf(step: string, { work, waiting }: Known): Standing {
    const own = [...waiting].reverse().find((entry) => entry.step === step && (entry.act === 'done' || entry.act === 'undo' || entry.act === 'begin'));
    if (own !== undefined) {
        return own.act === 'undo' ? 'open' : 'sending';
    }
    if (work === undefined) {
        return 'open';
    }
    if (work.done.some((one) => one.step === step)) {
        return 'done';
    }
    if (work.ready.includes(step)) {
        return 'ready';
    }
    return work.waits.some((one) => one.step === step) ? 'waiting' : work.held.some((one) => one.step === step) ? 'held' : 'open';
}

/** What comes next for this hand, in its order: what waits to be sent is done already. */
export function nextOf({ work, waiting }: Known): string[] {
    const sent = new Set(waiting.filter((entry: Entry) => entry.act === 'done' || entry.act === 'begin').map((entry) => entry.step));
    return (work?.next ?? []).filter((step) => !sent.has(step));
}
