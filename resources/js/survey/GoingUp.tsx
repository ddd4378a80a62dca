import type { PlannedJob } from '../api/types';
import { usePhotographQueue } from '../photographs/PhotographQueue';

/** How many photographs are on their way to the server. */
export function GoingUp({ job }: { job: PlannedJob }) {
    const left = usePhotographQueue(job.id).going.filter((one) => one.refused === null).length;
    return left === 0 ? null : <span data-figure="going-up">{left} going up</span>;
}
