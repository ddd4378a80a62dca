import { length, type System } from '../units/units';

interface Told {
    measured: string;
    unit: string;
    value: number;
}

const KNOT = 1852 / 3600;

/** A value of an instrument as a rigger reads it on a screen. */
export function measuredWords({ measured, unit, value }: Told, system: System): string {
    switch (measured) {
        case 'depth':
        case 'depth-offset':
            return system === 'metric' ? `${value.toFixed(1)}\u00a0m` : length(value, system);
        case 'heading-magnetic':
        case 'heading-true':
            return `${(Math.round(value) % 360).toString().padStart(3, '0')}°`;
        case 'latitude':
            return place(value, 'N', 'S');
        case 'longitude':
            return place(value, 'E', 'W');
        case 'speed-over-ground':
        case 'speed-through-water':
            return `${(value / KNOT).toFixed(1)}\u00a0kn`;
        case 'volts':
            return `${value.toFixed(2)}\u00a0V`;
        case 'minutes-out':
            return `${Math.floor(value / 60)}\u00a0h\u00a0${Math.round(value % 60).toString().padStart(2, '0')}`;
        default:
            return `${value.toFixed(1)}\u00a0${unit}`;
    }
}

/** Degrees and minutes, as a chart has them. */
function place(degrees: number, above: string, below: string): string {
    const whole = Math.floor(Math.abs(degrees));
    return `${whole}° ${((Math.abs(degrees) - whole) * 60).toFixed(2)}′ ${degrees < 0 ? below : above}`;
}
