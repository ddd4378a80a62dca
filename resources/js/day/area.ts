import { ZOOM_KEYS } from '../drawings/zoomKeys';
import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const dayArea: Area = {
    stage: 'day',
    load: async () => ({ default: (await import('./DayStage')).DayStage }),
    keys: [...ZOOM_KEYS, ...paneKeys(PANES)],
};
