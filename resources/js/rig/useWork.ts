import { keepPreviousData, type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';

import { ask } from '../api/client';
import type { PlannedJob, Work } from '../api/types';
import { useUnits } from '../units/units';
import { WorkQueue } from './workQueue';

/** How often it is asked what others have done. */
const LOOK_MS = 4_000;

/** Each boat's queue goes on whatever is shown meanwhile. */
const queues = new Map<number, { queue: WorkQueue; show: (units: string) => void; newest: (work: Work) => Work }>();

function queueOf(job: number, queries: QueryClient) {
    const there = queues.get(job);
    if (there !== undefined) {
        return there;
    }
    let units = 'metric';
    let known: Work | undefined;
    // An answer that was on its way while an entry was kept knows nothing of it.
    const newest = (work: Work) => (known = known !== undefined && known.number > work.number ? known : work);
    const queue = new WorkQueue(job, {
        ask,
        store: localStorage,
        units: () => units,
        accept: (answer) => {
            queries.setQueriesData<Work>({ queryKey: ['work', job] }, newest(answer.work));
            if (answer.plan_changed) {
                void queries.invalidateQueries({ queryKey: ['job', String(job)] });
            }
        },
    });
    const made = { queue, show: (next: string) => void (units = next), newest };
    queues.set(job, made);
    window.addEventListener('online', queue.sendOn);
    return made;
}

/** How the work on a boat stands, and what is added to it. */
export function useWork(job: PlannedJob, at: string | null) {
    const queries = useQueryClient();
    const { system } = useUnits();
    const { queue, show, newest } = queueOf(job.id, queries);
    const snapshot = useSyncExternalStore(queue.subscribe, queue.snapshot);
    const { sendOn } = queue;
    useEffect(() => {
        show(system);
        sendOn(); // what was left here when the page was closed
    }, [show, sendOn, system]);
    const work = useQuery({
        queryKey: ['work', job.id, job.version.hash, system, at],
        queryFn: async () => newest(await ask<Work>(`jobs/${job.id}/work?units=${system}${at === null ? '' : `&at=${encodeURIComponent(at)}`}`)),
        placeholderData: keepPreviousData,
        refetchInterval: snapshot.line === 'sending' ? false : LOOK_MS,
        retry: false,
    });
    const { dataUpdatedAt } = work;
    const isStuck = snapshot.line === 'signed-out' || snapshot.line === 'silent';
    useEffect(() => {
        if (isStuck) {
            sendOn(); // the server answers again, or somebody has signed in
        }
    }, [dataUpdatedAt]); // eslint-disable-line react-hooks/exhaustive-deps -- an answer is the occasion, not that it is stuck
    return { ...snapshot, work: work.data, submit: queue.submit, letGo: queue.letGo, sendOn };
}

export type WorkAtHand = ReturnType<typeof useWork>;
