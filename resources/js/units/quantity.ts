import { box, length, small, type System, thrust, windage } from './units';

/** A quantity of the file, written so that what is typed over it is read as the same again. */
export function quantity(value: number, unit: string, system: System): string {
    switch (unit) {
        case 'm':
            return length(value, system);
        case 'mm':
            return small(value, system);
        case 'N':
            return thrust(value, system);
        case 'm²':
            return windage(value, system);
        case 'kg':
            return system === 'metric' ? `${exact(value)} kg` : `${exact(value / 0.45359237, 1)} lb`;
        case 'share':
            return `${exact(100 * value, 2)} %`;
        case '':
            return exact(value);
        default:
            return `${exact(value)} ${unit}`;
    }
}

/** Three lengths in one. */
export function boxOf(value: unknown, system: System): string {
    return Array.isArray(value) ? box(value as number[], system) : '';
}

function exact(value: number, decimals = 4): string {
    return String(Number(value.toFixed(decimals)));
}
