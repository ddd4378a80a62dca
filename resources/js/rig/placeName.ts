import type { PlannedJob, RigStep } from '../api/types';
import { stationName } from '../boat/stationName';

/** Where a step is done, as people say it. */
export function placeName(job: PlannedJob, step: Pick<RigStep, 'where' | 'at'>): string {
    return step.where === 'bench' ? 'Bench' : step.where === 'water' ? 'On the water' : step.at === null ? 'In the boat' : stationName(job, step.at);
}
