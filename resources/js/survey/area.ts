import { type Area, paneKeys } from '../frame/areas';
import { GoingUp } from './GoingUp';
import { PANES } from './panes';

export const surveyArea: Area = {
    stage: 'survey',
    load: async () => ({ default: (await import('./SurveyStage')).SurveyStage }),
    keys: paneKeys(PANES),
    Waiting: GoingUp,
};
