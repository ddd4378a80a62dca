import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const kitArea: Area = {
    stage: 'kit',
    load: async () => ({ default: (await import('./KitStage')).KitStage }),
    keys: [['j', 'Next piece of wire'], ['k', 'The piece before'], ['w', 'Why: the time on the bench'], ...paneKeys(PANES)],
};
