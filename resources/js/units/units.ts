import { createContext, use } from 'react';

/** The units a person sees; the file and the server hold SI. Writing a length in feet is display, not arithmetic of the trade. */
export type System = 'imperial' | 'metric';

/** m */
export const FOOT = 0.3048;

export const UnitsContext = createContext<{ system: System; choose: (system: System) => void; /** where the person has chosen none */ begin: (units: System) => void }>({
    system: 'imperial',
    choose: () => undefined,
    begin: () => undefined,
});

export function useUnits() {
    return use(UnitsContext);
}

/** To the other side of where it is measured from: with a minus before the whole of it. */
export function length(metres: number | null | undefined, system: System): string {
    if (metres === null || metres === undefined) {
        return '–';
    }
    if (metres < 0) {
        return `-${length(-metres, system)}`;
    }
    if (system === 'metric') {
        return `${trim(metres, 2)} m`;
    }
    const inches = metres < FOOT ? Number((metres / 0.0254).toFixed(1)) : Math.round(metres / 0.0254);
    const feet = Math.floor(inches / 12);
    const rest = inches - 12 * feet;
    if (feet === 0) {
        return `${trim(rest, 1)} in`;
    }
    return rest === 0 ? `${feet} ft` : `${feet} ft ${trim(rest, 0)} in`;
}

/** How far a gauge reaches: whole feet or tenths of a metre, rounded down, since a limit is not to be passed. */
export function reach(metres: number | null, system: System): string {
    if (metres === null) {
        return '–';
    }
    return system === 'metric' ? `${(Math.floor(metres * 10) / 10).toFixed(1)} m` : `${Math.floor(metres / FOOT)} ft`;
}

/** Both worlds: a gauge always shows its own name, and its area beside it. */
export function gauge(name: string): string {
    return name.replace('mm2', 'mm²');
}

export function volts(value: number | null | undefined, decimals = 1): string {
    return value === null || value === undefined ? '–' : `${value.toFixed(decimals)} V`;
}

export function amps(value: number | null | undefined): string {
    return value === null || value === undefined ? '–' : `${trim(value, value < 10 ? 1 : 0)} A`;
}

export function percent(value: number | null | undefined, decimals = 1): string {
    return value === null || value === undefined ? '–' : `${value.toFixed(decimals)} %`;
}

/** Volts lost: below a tenth of a volt in mV, so that a small loss is not shown as none. */
export function lost(value: number | null | undefined): string {
    return value !== null && value !== undefined && value < 0.0995 ? `${trim(value * 1000, value < 0.01 ? 1 : 0)} mV` : volts(value, 2);
}

function trim(value: number, decimals: number): string {
    return String(Number(value.toFixed(decimals)));
}

/** Hours as "6 h 10". */
export function hours(value: number | null): string {
    if (value === null) {
        return '–';
    }
    const minutes = Math.round(value * 60);
    return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

/** A small measure: mm, or inches. */
/** A time of day, of the day that it began on. */
export function clock(minutes: number, system: System): string {
    const [whole, hour, minute] = [Math.floor(minutes), Math.floor(minutes / 60) % 24, String(Math.floor(minutes) % 60).padStart(2, '0')];
    const time = system === 'metric' ? `${String(hour).padStart(2, '0')}:${minute}` : `${((hour + 11) % 12) + 1}:${minute} ${hour < 12 ? 'am' : 'pm'}`;
    return whole < 1440 ? time : `${time}, the day after`;
}

export function small(millimetres: number | null | undefined, system: System): string {
    return millimetres === null || millimetres === undefined ? '–' : system === 'metric' ? `${trim(millimetres, 1)} mm` : `${trim(millimetres / 25.4, 2)} in`;
}

/** The inside of a compartment: length, width and height. */
export function box(millimetres: number[] | null | undefined, system: System): string {
    return millimetres === null || millimetres === undefined ? '–' : system === 'metric' ? `${millimetres.map((side) => trim(side, 0)).join(' × ')} mm` : `${millimetres.map((side) => trim(side / 25.4, 1)).join(' × ')} in`;
}

export function thrust(newtons: number | null | undefined, system: System): string {
    return newtons === null || newtons === undefined ? '–' : system === 'metric' ? `${trim(newtons, 0)} N` : `${trim(newtons / 4.4482216, 0)} lbf`;
}

export function mass(kilograms: number | null | undefined, system: System): string {
    return kilograms === null || kilograms === undefined ? '–' : system === 'metric' ? `${trim(kilograms, 0)} kg` : `${trim(kilograms / 0.45359237, 0)} lb`;
}

/** An area that the wind finds. */
export function windage(squareMetres: number, system: System): string {
    return system === 'metric' ? `${trim(squareMetres, 1)} m²` : `${trim(squareMetres / 0.09290304, 0)} ft²`;
}

export function wind(metresASecond: number, system: System): string {
    return system === 'metric' ? `${trim(metresASecond, 0)} m/s` : `${trim(metresASecond / 0.514444, 0)} kn`;
}
