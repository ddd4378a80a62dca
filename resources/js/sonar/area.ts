import { ZOOM_KEYS } from '../drawings/zoomKeys';
import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const sonarArea: Area = {
    stage: 'sonar',
    ahead: async () => (await import('./SonarStage')).otherPanes(),
    load: async () => ({ default: (await import('./SonarStage')).SonarStage }),
    keys: [['a', 'add a transducer, an adapter, a cable'], ...ZOOM_KEYS, ...paneKeys(PANES)],
};
