import type { Layout } from '../api/types';

/** What the kinds of fitted parts are called. */
export const FITTED: Record<Layout['fittings'][number]['kind'], string> = {
    battery: 'battery',
    block: 'fuse block',
    display: 'screen',
    'sonar-module': 'sonar box',
    motor: 'motor',
    'network-hub': 'network hub',
    'heading-sensor': 'heading sensor',
    'position-antenna': 'position antenna',
    anchor: 'anchor',
    pump: 'pump',
    light: 'light',
    radio: 'radio',
    charger: 'charger',
    other: 'other',
};
