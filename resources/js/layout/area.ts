import { ZOOM_KEYS } from '../drawings/zoomKeys';
import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const layoutArea: Area = {
    stage: 'layout',
    ahead: async () => (await import('./LayoutStage')).otherPanes(),
    load: async () => ({ default: (await import('./LayoutStage')).LayoutStage }),
    keys: [['arrows', 'on the boat plan: move the station, bend or device that has the focus'], ...ZOOM_KEYS, ...paneKeys(PANES)],
};
