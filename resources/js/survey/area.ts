import type { Area } from '../frame/areas';
import { GoingUp } from './GoingUp';
import { PANES } from './panes';

export const surveyArea: Area = {
    stage: 'survey',
    load: async () => ({ default: (await import('./SurveyStage')).SurveyStage }),
    keys: PANES.map(([, label, key]) => [key, label] as const),
    Waiting: GoingUp,
};
