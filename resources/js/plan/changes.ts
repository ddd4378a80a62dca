import type { DayTemplate, PatchStep, PlannedJob } from '../api/types';
import type { Place } from '../boat/place';

/** What is asked of the server: fields as the file holds them, what a person typed, or something it makes itself. */
export type Change =
    | { patch: PatchStep[]; reason?: string }
    | { typed: { on: string; field: string; text: string; shown?: string } | { on: string; field: string; value: unknown } | { on: string; fields: { field: string; text: string; shown?: string }[] } }
    | { add: NewPart }
    | { takeOut: string }
    | { propose: Proposal }
    | { decide: { occasion: string; reason: string } }
    | { reopen: number }
    | { reading: { meter_point: string; volts: string } }
    | { replace: { base: number; file: string } }
    | { restore: { base: number; number: number } }
    | { undo: number }
    | { redo: number };

/** What the plan has already, rearranged by the server. */
export type Proposal =
    | { make: 'day'; phases: DayTemplate['phases'] }
    | { make: 'station'; name: string }
    | { make: 'way'; from: string; to: string; kind: string }
    | { make: 'move'; station: string; at: Place }
    | { make: 'bends'; way: string; bends: Place[] }
    | { make: 'drawn'; way: string }
    | { make: 'point'; check: string; name: string; text: string }
    | { make: 'part'; kind: string; name: string; part: Record<string, unknown>; in?: string }
    | { make: 'join'; bank: string; from: string; to: string }
    | { make: 'land'; bank: string; wire: string; end: 'from' | 'to'; post: string }
    | { make: 'take-off'; bank: string; wire: string }
    | { make: 'lead'; feed: string; side: 'plus' | 'minus'; post: string }
    | { make: 'turn'; bank: string }
    | { make: 'strings'; bank: string; series: number }
    | { make: 'trial'; instrument: string; sounded?: string; units: string }
    | { make: 'ground'; device: string; bank: string | null; why: string }
    | { make: 'split'; feed: string; branches: string[] };

/** A part of the catalogue, where it goes and what it hangs on. */
export interface NewPart {
    part: number;
    name?: string;
    station?: string;
    bank?: string;
    /** that a charger charges */
    banks?: string[];
    /** the bank that it draws on; the device at which a network cable begins */
    from?: string;
    /** the device at which a network cable ends */
    to?: string;
    /** that a piece of one is for */
    backbone?: string;
    /** that an extension lengthens */
    transducer?: string;
    /** that hangs on a tee */
    device?: string;
    /** the fuse block that a converter feeds */
    block?: string;
    /** a circuit that was offered */
    on?: string;
    /** what a wire, a fuse or a connector is put on */
    run?: string;
    /** A of the starter, where it starts the engine */
    cranking_a?: number;
    series?: number;
    parallel?: number;
}

/** Made from the job as it is when its turn comes, so that quick key presses follow one another. Null: there is nothing to do. */
export type Edit = (job: PlannedJob) => Change | null;

/** What takes the last step back, and what makes it again. */
export const undone: Edit = (job) => (job.version.undo === null ? null : { undo: job.version.undo.step });
export const redone: Edit = (job) => (job.version.redo === null ? null : { redo: job.version.redo.step });

/** How a change is asked of the server. */
export interface Asked {
    path: string;
    method: 'POST' | 'PUT' | 'DELETE';
    body?: unknown;
    /** sent as it is */
    raw?: string;
}

/**
 * @param base the version that the person saw
 * @param own versions since then that this page made itself
 * @param stage that is looked at: what it draws comes with the answer
 */
export function asked(job: string, change: Change, base: number, own: number[], units: string, stage: string): Asked {
    const at = (path: string) => `jobs/${job}/${path}?${new URLSearchParams({ units, showing: stage }).toString()}`;
    if ('undo' in change) {
        return { path: at('plan/undo'), method: 'POST', body: { step: change.undo } };
    }
    if ('redo' in change) {
        return { path: at('plan/redo'), method: 'POST', body: { step: change.redo } };
    }
    if ('add' in change) {
        return { path: at('plan/parts'), method: 'POST', body: change.add };
    }
    if ('takeOut' in change) {
        return { path: at('plan/parts'), method: 'DELETE', body: { on: change.takeOut } };
    }
    if ('propose' in change) {
        return { path: at('plan/proposals'), method: 'POST', body: change.propose };
    }
    if ('decide' in change) {
        return { path: at('decisions'), method: 'POST', body: change.decide };
    }
    if ('reopen' in change) {
        return { path: at(`decisions/${change.reopen}`), method: 'DELETE' };
    }
    if ('reading' in change) {
        return { path: at('readings'), method: 'POST', body: change.reading };
    }
    if ('replace' in change) {
        return { path: `${at('plan')}&base=${change.replace.base}`, method: 'PUT', raw: change.replace.file };
    }
    if ('restore' in change) {
        return { path: `${at(`plan/versions/${change.restore.number}/restore`)}&base=${change.restore.base}`, method: 'POST' };
    }
    return { path: at('plan/edits'), method: 'POST', body: { base, own, units, ...change } };
}
