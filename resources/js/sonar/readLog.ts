import { ask } from '../api/client';
import type { SentenceLog } from '../api/types';

/** bytes sent at a time */
const PIECE = 1_000_000;

/** Refused lines that are listed. */
const LISTED = 200;

const NEWLINE = 0x0a;

/**
 * Reads a file of any length in pieces that end where a line ends, so that neither this page nor the server holds more than one.
 *
 * @param onShare hears how much of it is read, from 0 to 1
 */
export async function readLog(file: Blob, onShare: (share: number) => void): Promise<SentenceLog> {
    let log: SentenceLog = { lines: 0, sentences: 0, kinds: {}, refused: 0, listed: [], values: [] };
    for (let from = 0; from < file.size; ) {
        const bytes = new Uint8Array(await file.slice(from, from + PIECE).arrayBuffer());
        const end = from + bytes.length >= file.size ? bytes.length : bytes.lastIndexOf(NEWLINE) + 1;
        // A piece without a single line's end is no log: it is sent as it is, and refused as one line.
        const length = end === 0 ? bytes.length : end;
        // Latin-1 keeps a byte a sign: what is no text arrives as what it is.
        const text = new TextDecoder('latin1').decode(bytes.subarray(0, length));
        log = together(log, await ask<SentenceLog>(`sentences?after=${log.lines}`, { method: 'POST', raw: text, type: 'text/plain' }));
        from += length;
        onShare(from / file.size);
    }
    return log;
}

/** Two pieces of one log, one after the other. */
export function together(before: SentenceLog, after: SentenceLog): SentenceLog {
    const kinds = { ...before.kinds };
    for (const [kind, count] of Object.entries(after.kinds)) {
        kinds[kind] = (kinds[kind] ?? 0) + count;
    }
    const values = new Map(before.values.map((one) => [one.measured, one]));
    for (const one of after.values) {
        const known = values.get(one.measured) ?? one;
        values.set(one.measured, { ...one, least: Math.min(known.least, one.least), most: Math.max(known.most, one.most) });
    }
    return {
        lines: before.lines + after.lines,
        sentences: before.sentences + after.sentences,
        kinds,
        refused: before.refused + after.refused,
        listed: [...before.listed, ...after.listed].slice(0, LISTED),
        values: [...values.values()],
    };
}
