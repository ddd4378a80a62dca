import type { Layout } from '../api/types';

type Kind = Layout['fittings'][number]['kind'];

/** Each within 9 to either side of its middle. */
const SIGNS: Record<Exclude<Kind, 'battery'>, string> = {
    display: 'M-8 -6H8V6H-8ZM-6 3L-3 -1L0 2L3 -3L6 2',
    'sonar-module': 'M-8 -6H8V0H-8ZM-6 3Q0 8 6 3M-3 2Q0 5 3 2',
    motor: 'M0 0C-2 -9 -9 -7 -8 -2C-7 1 -2 1 0 0C2 9 9 7 8 2C7 -1 2 -1 0 0Z',
    'network-hub': 'M-8 -5H8V5H-8ZM-5 0H-3M-1 0H1M3 0H5',
    'heading-sensor': 'M0 -8L8 0L0 8L-8 0ZM0 4V-4M-2 -2L0 -4L2 -2',
    'position-antenna': 'M-8 5H8V3Q8 -6 0 -6Q-8 -6 -8 3ZM0 -6V-9',
    anchor: 'M0 -8V7M-7 1Q-6 7 0 7Q6 7 7 1M-3 -5H3',
    pump: 'M7 0A7 7 0 1 1 -7 0A7 7 0 1 1 7 0ZM-3 -4L4 0L-3 4Z',
    light: 'M7 0A7 7 0 1 1 -7 0A7 7 0 1 1 7 0ZM-5 -5L5 5M-5 5L5 -5',
    radio: 'M-8 -2H8V6H-8ZM5 -2V-9M-5 2H1',
    charger: 'M-7 -7H7V7H-7ZM1 -5L-3 1H3L-1 5',
    block: 'M-8 -6H8V6H-8ZM-5 -3V3M-2 -3V3M2 -3V3M5 -3V3',
    other: 'M-7 -7H7V7H-7Z',
};

/** The sign of a device or of a fuse block, from above. */
export function FittingSign({ kind, pixel, width, className }: { kind: Kind; pixel: number; width?: number; className?: string | undefined }) {
    return kind === 'battery' ? null : <path d={SIGNS[kind]} transform={`scale(${pixel})`} vectorEffect="non-scaling-stroke" strokeWidth={width} className={className} />;
}
