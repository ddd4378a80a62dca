import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const meterArea: Area = {
    stage: 'meter',
    load: async () => ({ default: (await import('./MeterStage')).MeterStage }),
    ahead: () => Promise.all([import('./RestReading'), import('./LoadPane'), import('./StepsReadPane'), import('./PassportPane')]),
    keys: [['j', 'Next reading'], ['k', 'The reading before'], ['g', 'To the first that is not read'], ...paneKeys(PANES)],
};
