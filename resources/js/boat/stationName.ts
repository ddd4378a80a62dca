import type { PlannedJob } from '../api/types';

/** What a station is called. */
export function stationName(job: PlannedJob, id: string | null): string {
    return (id === null ? undefined : job.names[`station:${id}`]) ?? '–';
}

/** Every station, to be chosen from. */
export function stationChoices(job: PlannedJob): (readonly [id: string, name: string])[] {
    return (job.plan.boat?.stations ?? []).map((station) => [station.id, stationName(job, station.id)] as const);
}
