import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask, NotReached, Refused } from '../api/client';
import type { Clash, Job, PatchStep, PlannedJob } from '../api/types';
import type { System } from '../units/units';

/** What is asked of the server: fields as the file holds them, or what a person typed into one field. */
export type Change = { patch: PatchStep[]; reason?: string } | { typed: { on: string; field: string; text: string } | { on: string; fields: { field: string; text: string }[] } } | { add: NewPart } | { takeOut: string } | { propose: Proposal } | { decide: { occasion: string; reason: string } } | { reopen: number } | 'undo' | 'redo';

/** What the plan has already, rearranged by the server. */
export type Proposal =
    | { make: 'station'; name: string }
    | { make: 'way'; from: string; to: string; kind: string }
    | { make: 'move'; station: string; at: Place }
    | { make: 'bends'; way: string; bends: Place[] }
    | { make: 'drawn'; way: string }
    | { make: 'point'; check: string; name: string; text: string }
    | { make: 'part'; kind: 'hole' | 'board' | 'complaint' | 'found' | 'check'; name: string; part: Record<string, unknown> }
    | { make: 'turn'; bank: string } | { make: 'strings'; bank: string; series: number } | { make: 'split'; feed: string; branches: string[] };

/** A place of the boat plan: metres forward of the transom and to port of the middle. */
export interface Place {
    x_m: number;
    y_m: number;
}

/** A part of the catalogue, where it goes and what it hangs on. */
export interface NewPart {
    part: number;
    name?: string;
    station?: string;
    bank?: string;
    /** a circuit that was offered */
    on?: string;
    /** what a wire, a fuse or a connector is put on */
    run?: string;
    /** A of the starter, where it starts the engine */
    cranking_a?: number;
    series?: number;
    parallel?: number;
}

/** Made from the job as it is when its turn comes, so that quick key presses follow one another. */
export type Edit = (job: PlannedJob) => Change | null;

/** A change that the server does not hold: why, and what to send when asked again. */
export interface Unkept {
    edit: Edit;
    message: string;
    clash: Clash | null;
    /** false: sending the same again would only be refused again */
    worthRepeating: boolean;
}

export function jobKey(id: string, system: System) {
    return ['job', id, system] as const;
}

export function usePlanEdits(id: string, system: System) {
    const queries = useQueryClient();
    const [unkept, setUnkept] = useState<Unkept | null>(null);

    const accept = (job: Job) => {
        // Answers that come late, after a newer version was seen, are dropped.
        queries.setQueryData<Job>(jobKey(id, system), (seen) => ((seen?.version?.number ?? 0) > (job.version?.number ?? 0) ? seen : job));
    };

    const mutation = useMutation({
        scope: { id: `plan-${id}` },
        // Whether the network is there is for the server's silence to say, not for the browser to guess.
        networkMode: 'always',
        mutationFn: async (edit: Edit) => {
            const job = queries.getQueryData<Job>(jobKey(id, system));
            const change = job?.plan ? edit(job as PlannedJob) : null;
            if (change === null) {
                return null;
            }
            if (change === 'undo' || change === 'redo') {
                return ask<Job>(`jobs/${id}/plan/${change}?units=${system}`, { method: 'POST' });
            }
            if ('add' in change) {
                return ask<Job>(`jobs/${id}/plan/parts?units=${system}`, { method: 'POST', body: change.add });
            }
            if ('takeOut' in change) {
                return ask<Job>(`jobs/${id}/plan/parts?units=${system}`, { method: 'DELETE', body: { on: change.takeOut } });
            }
            if ('propose' in change) {
                return ask<Job>(`jobs/${id}/plan/proposals?units=${system}`, { method: 'POST', body: change.propose });
            }
            if ('decide' in change) {
                return ask<Job>(`jobs/${id}/decisions?units=${system}`, { method: 'POST', body: change.decide });
            }
            if ('reopen' in change) {
                return ask<Job>(`jobs/${id}/decisions/${change.reopen}?units=${system}`, { method: 'DELETE' });
            }
            return ask<Job>(`jobs/${id}/plan/edits?units=${system}`, { method: 'POST', body: { base: job?.version?.number, units: system, ...change } });
        },
        onSuccess: (job) => {
            if (job !== null) {
                accept(job);
                setUnkept(null);
            }
        },
        onError: (error, edit) => {
            setUnkept({
                edit,
                message: error.message,
                clash: error instanceof Refused ? error.clash : null,
                worthRepeating: error instanceof NotReached || (error instanceof Refused && [401, 419, 429].includes(error.status)),
            });
            if (error instanceof Refused && error.status === 409) {
                void queries.invalidateQueries({ queryKey: ['job', id] });
            }
        },
    });

    return {
        submit: (edit: Edit) => mutation.mutateAsync(edit).then(() => true, () => false),
        accept,
        pending: mutation.isPending,
        unkept,
        sendAgain: () => {
            if (unkept !== null) {
                mutation.mutate(unkept.edit);
            }
        },
        letGo: () => setUnkept(null),
    };
}

export type PlanEdits = ReturnType<typeof usePlanEdits>;
