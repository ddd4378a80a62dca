import { ZOOM_KEYS } from '../drawings/zoomKeys';
import { type Area, paneKeys } from '../frame/areas';
import { PANES } from './panes';

export const powerArea: Area = {
    stage: 'power',
    load: async () => ({ default: (await import('./PowerStage')).PowerStage }),
    ahead: async () => (await import('./LowerPane')).otherPanes(),
    keys: [
        ['] or .', 'the selected run one gauge thicker'],
        ['[ or ,', 'one gauge thinner'],
        ['j and k', 'next and previous run'],
        ['w', 'why: the reason of a figure'],
        ['t', 'the power tree above'],
        ['a', 'add a part of the catalogue'],
        ['arrows and r', 'on the bench: move and turn the battery that has the focus'],
        ['p', 'pick up the probes of the meter'],
        ...ZOOM_KEYS,
        ...paneKeys(PANES),
    ],
};
