import { FOOT, type System } from '../units/units';

/** A comma for the decimal is taken as well; what is no number goes as it stands, so that the server says what is wrong. */
export function numbered(text: string): number | string {
    const number = Number(text.trim().replace(',', '.'));
    return text.trim() === '' || Number.isNaN(number) ? text : number;
}

/** A length as it is typed in the units of the page. */
export function metresOf(text: string, system: System): number | string {
    const typed = numbered(text);
    return typeof typed === 'string' || system === 'metric' ? typed : typed * FOOT;
}

/** A length as it would be typed: enough of it, to the hundredth. */
export function typedLength(metres: number, system: System): string {
    return String(Math.ceil((100 * metres) / (system === 'metric' ? 1 : FOOT) - 1e-6) / 100);
}
