import type { Area } from '../frame/areas';

export const layoutArea: Area = {
    stage: 'layout',
    load: async () => ({ default: (await import('./LayoutStage')).LayoutStage }),
    keys: [['arrows', 'on the boat plan: move the station, bend or device that has the focus']],
};
