import type { PlannedJob } from '../api/types';

/** What a station is called. */
export function stationName(job: PlannedJob, id: string | null): string {
    return (id === null ? undefined : job.names[`station:${id}`]) ?? '–';
}

/** What a way is called: by its ends. */
export function wayName(job: PlannedJob, way: { from: string; to: string }): string {
    return `${stationName(job, way.from)} to ${stationName(job, way.to)}`;
}

/** Every station, to be chosen from. */
export function stationChoices(job: PlannedJob): (readonly [id: string, name: string])[] {
    return (job.plan.boat?.stations ?? []).map((station) => [station.id, stationName(job, station.id)] as const);
}
