import type { Area } from '../frame/areas';
import { GoingUp } from './GoingUp';

export const surveyArea: Area = {
    stage: 'survey',
    load: async () => ({ default: (await import('./SurveyStage')).SurveyStage }),
    keys: [],
    Waiting: GoingUp,
};
