import type { PlannedJob } from '../api/types';

export type StageName = PlannedJob['stages'][number]['stage'];

/** What a stage is called. */
export const STAGE_LABELS: Record<StageName, string> = { survey: 'Survey', layout: 'Layout', power: 'Power' };
