import { useState } from 'react';

import { GAUGES } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partAt } from '../boat/parts';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, length, type System } from '../units/units';

/** What fields are filled in of: a part of the plan, or one that is not in it yet. */
export interface Holder {
    /** the boat that parts and posts are chosen from; null: it is filled in for none */
    job: PlannedJob | null;
    readOnly: boolean;
    /** @param path as in a patch: "run.gauge", "outputs.0.amps" */
    at: (path: string) => unknown;
    /**
     * @param value a text is read with its unit by the server; undefined: not given any more
     * @param shown what stood there
     */
    set: (path: string, value: unknown, shown?: string) => Promise<boolean>;
    /** What Dinghy chose where nothing is given; undefined: nothing, or it is not known. */
    chosen?: (path: string) => string | undefined;
    /** One of several fields, of which only one can be given. */
    choose: (path: string, value: unknown, others: string[]) => Promise<boolean>;
}

/** A part of the plan: each field that is filled in is a change of its own. */
export function heldInPlan(job: PlannedJob, edits: PlanEdits, on: string, system: System): Holder {
    const part = partAt(job.plan, on);
    return {
        job,
        readOnly: !job.can_change,
        chosen: (path) => chosenFor(job, on, path, system),
        at: (path) => valueAt(part, path.split('.')),
        set: (path, value, shown) =>
            edits.submit(() => {
                if (value === undefined) {
                    return { patch: [{ on, unset: [path] }] };
                }
                return typeof value === 'string' && shown !== undefined ? { typed: { on, field: path, text: value, shown } } : { typed: { on, field: path, value } };
            }),
        choose: (path, value, others) => edits.submit(() => ({ patch: [{ on, set: { [path]: value }, ...(others.length === 0 ? {} : { unset: others }) }] })),
    };
}

/** A part that is not in the plan yet; its quantities stay as they were typed until it is put in. */
export function useDraftPart(job: PlannedJob | null, begun: Record<string, unknown> = {}): Holder & { part: Record<string, unknown> } {
    const [part, setPart] = useState(begun);
    const change = (path: string, value: unknown) => setPart((before) => withValue(before, path.split('.'), value) as Record<string, unknown>);
    return {
        job,
        part,
        readOnly: false,
        at: (path) => valueAt(part, path.split('.')),
        set: (path, value) => {
            change(path, value);
            return Promise.resolve(true);
        },
        choose: (path, value, others) => {
            others.forEach((other) => change(other, undefined));
            change(path, value);
            return Promise.resolve(true);
        },
    };
}

/** What was computed for a run where the plan leaves it open. */
function chosenFor(job: PlannedJob, on: string, path: string, system: System): string | undefined {
    const run = job.evaluation.runs.find((one) => `${one.of}:${one.id}` === on);
    if (run === undefined) {
        return undefined;
    }
    switch (path) {
        case 'run.gauge':
            return GAUGES.find(([name]) => name === run.gauge)?.[1];
        case 'run.length_m':
            return run.length_m === null ? undefined : length(run.length_m, system);
        case 'fuse_a':
        case 'protection.0.rating_a':
            return run.protection_a === null ? undefined : amps(run.protection_a);
        default:
            return undefined;
    }
}

function valueAt(from: unknown, keys: string[]): unknown {
    return keys.reduce<unknown>((at, key) => (at as Record<string, unknown> | null | undefined)?.[key], from);
}

/** A copy with another value at the end of the keys; objects on the way that are not there are made. */
function withValue(from: unknown, [key = '', ...rest]: string[], value: unknown): unknown {
    const next = rest.length === 0 ? value : withValue((from as Record<string, unknown> | undefined)?.[key], rest, value);
    if (Array.isArray(from)) {
        return from.map((item: unknown, at) => (String(at) === key ? next : item));
    }
    const others = Object.entries((from ?? {}) as Record<string, unknown>).filter(([one]) => one !== key);
    return Object.fromEntries(next === undefined ? others : [...others, [key, next]]);
}
