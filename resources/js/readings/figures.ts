import type { Measurement } from '../api/types';
import { volts } from '../units/units';
import { OVER } from './typedReading';

function ohms(value: number): string {
    const [figure, unit] = value >= 1e6 ? [value / 1e6, 'MΩ'] : value >= 1e3 ? [value / 1e3, 'kΩ'] : [value, 'Ω'];
    return `${Number(figure.toFixed(figure < 10 ? 2 : 1))} ${unit}`;
}

/** A reading as a meter shows it, in the unit of what is measured. */
export function shown(value: number, unit: Measurement['unit']): string {
    return unit === 'V' ? volts(Number(value.toFixed(2)), Number.isInteger(Number(value.toFixed(2))) ? 0 : 2) : value >= OVER ? 'open' : ohms(value);
}

/** What must come. */
export function expected(of: Measurement): string {
    return of.unit === 'V' ? shown(of.expect ?? 0, 'V') : of.expect === null ? 'open' : shown(of.expect, of.unit);
}

export function accepts(of: Measurement, value: number): boolean {
    return value >= of.low && (of.high === null || value <= of.high);
}

/** From where to where it is right. */
export function rightFromTo(of: Measurement): string {
    return of.high === null ? `right from ${shown(of.low, of.unit)}` : `right from ${of.low.toFixed(2)} to ${shown(of.high, of.unit)}`;
}
