/**
 * A reading as it is typed, with either sign for the decimals and perhaps its unit; null: it is none, or in another unit, as
 * millivolts where volts are asked for.
 *
 * @param asked what is read, its unit first: "V, live point"
 */
export function readingIn(typed: string, asked: string): number | null {
    const [unit = ''] = asked.split(',');
    const figure = typed.trim().replace(new RegExp(`\\s*${unit}$`, 'i'), '').replace('−', '-').replace(',', '.');
    return /^[+-]?\d+(\.\d*)?$|^[+-]?\.\d+$/.test(figure) ? Number(figure) : null;
}
