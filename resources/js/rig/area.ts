import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const rigArea: Area = {
    stage: 'rig',
    load: async () => ({ default: (await import('./RigStage')).RigStage }),
    ahead: () => Promise.all([import('./HowItIsDone'), import('./StepReadings'), import('./HandsDialog'), import('./AskOwnerDialog'), import('./OtherwiseDialog'), import('./SayDialog'), import('./DeskStep'), import('./ListsPane'), import('./QuestionsPane'), import('./RecordPane')]),
    keys: [['j', 'Next step'], ['k', 'The step before'], ['g', 'To what is to be done next'], ...paneKeys(PANES)],
};
