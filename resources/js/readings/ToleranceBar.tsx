import type { Measurement } from '../api/types';
import { accepts, expected, shown } from './figures';
import classes from './ReadingSequence.module.css';

const WIDTH = 320;
const HEIGHT = 44;
const MIDDLE = 20;
/** of the bar that is right, where it has two ends */
const BAND = 0.3;
/** Ω at the ends of the bar of what must be open: each step of it ten times the one before */
const OHMS = [0.1, 1e7] as const;

/** How far along the bar a reading lands, 0 to 1; beyond an end: at it. */
export function along(value: number, of: Measurement): number {
    if (of.high === null) {
        return Math.max(0, Math.min(1, Math.log(Math.max(value, OHMS[0]) / OHMS[0]) / Math.log(OHMS[1] / OHMS[0])));
    }
    return Math.max(0, Math.min(1, 0.5 - BAND / 2 + ((value - of.low) / (of.high - of.low)) * BAND));
}

/** What is right, as a band on a bar, and where the reading lands. */
export function ToleranceBar({ of, value }: { of: Measurement; value: number | null }) {
    const from = along(of.low, of) * WIDTH;
    const to = of.high === null ? WIDTH : along(of.high, of) * WIDTH;
    const at = value === null ? null : along(value, of) * WIDTH;
    const isRight = value !== null && accepts(of, value);
    return (
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={classes.bar} role="img" aria-label={value === null ? `Right is ${expected(of)}` : `${shown(value, of.unit)} lands ${isRight ? 'inside' : 'outside'}`}>
            <rect x="0.5" y={MIDDLE - 8} width={WIDTH - 1} height="16" rx="2" className={classes.whole} />
            <rect x={from} y={MIDDLE - 8} width={to - from} height="16" className={classes.right} />
            <text x={from} y={HEIGHT - 3} textAnchor={of.high === null ? 'start' : 'end'} className={classes.end}>
                {of.high === null ? shown(of.low, of.unit) : of.low.toFixed(2)}
            </text>
            {of.high !== null && (
                <text x={to} y={HEIGHT - 3} className={classes.end}>
                    {shown(of.high, of.unit)}
                </text>
            )}
            {at !== null && (
                <path d={`M ${at} ${MIDDLE + 9} l -7 -12 v -14 h 14 v 14 z`} className={isRight ? classes.inside : classes.outside} data-landed={isRight ? 'inside' : 'outside'} />
            )}
        </svg>
    );
}
