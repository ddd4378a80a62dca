import type { PlannedJob } from '../api/types';

/** What a station is called; its id where nobody gave it a name. */
export function stationName(job: PlannedJob, id: string | null): string {
    const station = (job.plan.boat?.stations ?? []).find((one) => one.id === id);
    return station === undefined ? '–' : station.name === undefined || station.name === '' ? station.id : station.name;
}

/** Every station, to be chosen from. */
export function stationChoices(job: PlannedJob): (readonly [id: string, name: string])[] {
    return (job.plan.boat?.stations ?? []).map((station) => [station.id, stationName(job, station.id)] as const);
}
