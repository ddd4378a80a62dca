import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';

import { ask } from '../api/client';
import type { Job } from '../api/types';
import type { System } from '../units/units';
import type { Edit } from './changes';
import { EditQueue } from './editQueue';
import { stageKey } from './useStageAnswer';

export function jobKey(id: string, system: System) {
    return ['job', id, system] as const;
}

/** Each boat's queue goes on whatever is shown meanwhile. */
const queues = new Map<string, { queue: EditQueue; show: (system: System, stage: string) => void }>();

function queueOf(id: string, queries: QueryClient) {
    const known = queues.get(id);
    if (known !== undefined) {
        return known;
    }
    let shown: System = 'metric';
    let at = '';
    const queue = new EditQueue(id, {
        job: () => queries.getQueryData<Job>(jobKey(id, shown)),
        accept: (job) => accept(queries, id, shown, job),
        outdated: () => void queries.invalidateQueries({ queryKey: ['job', id] }),
        system: () => shown,
        stage: () => at,
        store: localStorage,
        ask,
    });
    const made = {
        queue,
        show: (system: System, stage: string) => {
            [shown, at] = [system, stage];
        },
    };
    queues.set(id, made);
    window.addEventListener('online', queue.sendOn);
    window.addEventListener('pagehide', queue.settleAll);
    return made;
}

/** Answers that come late, after a newer version was seen, are dropped. */
function accept(queries: QueryClient, id: string, system: System, job: Job) {
    for (const [stage, answer] of Object.entries(job.drawn)) {
        queries.setQueryData(stageKey(stage, job, system), answer);
    }
    queries.setQueryData<Job>(jobKey(id, system), (seen) => ((seen?.version?.number ?? 0) > (job.version?.number ?? 0) ? seen : job));
}

/** @param stage that is looked at */
export function usePlanEdits(id: string, system: System, stage: string) {
    const queries = useQueryClient();
    const { queue, show } = queueOf(id, queries);
    const { line, waiting, unkept, silence, done } = useSyncExternalStore(queue.subscribe, queue.snapshot);
    useEffect(() => {
        show(system, stage);
    }, [show, stage, system]);

    return {
        submit: (edit: Edit) => queue.submit(edit),
        accept: (job: Job) => accept(queries, id, system, job),
        line,
        waiting,
        unkept,
        silence,
        done,
        sendOn: queue.sendOn,
        over: queue.over,
        letGo: queue.letGo,
    };
}

export type PlanEdits = ReturnType<typeof usePlanEdits>;
