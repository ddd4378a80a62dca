import { useRef } from 'react';

import type { PlannedJob, Survey } from '../api/types';
import { length, useUnits, volts } from '../units/units';
import classes from './PathDrawing.module.css';
import lines from './lines.module.css';
import { useSize } from './useSize';

type Check = NonNullable<NonNullable<PlannedJob['plan']['survey']>['path_checks']>[number];

/** px: below it the words find no room beside the drawing, and stand below one another */
const NARROW = 640;
/** px from one line of words to the next */
const LINE = 18;

/** A circuit as it was found: the volts that were measured along it, and the stretch where they are lost. */
export function PathDrawing({ check, judged }: { check: Check; judged: Survey['checks'][number] | undefined }) {
    const { system } = useUnits();
    const box = useRef<HTMLDivElement>(null);
    const { width, height } = useSize(box, { width: 960, height: 300 });
    const points = [
        { name: 'the battery', volts: check.battery_loaded_v, along: 0 as number | undefined },
        ...(check.between ?? []).map((point) => ({ name: point.name, volts: point.loaded_v, along: point.along_m })),
        { name: 'the device', volts: check.device_loaded_v, along: check.length_m },
    ];
    const known = points.filter((point): point is { name: string; volts: number; along: number | undefined } => point.volts !== undefined);
    if (known.length < 2) {
        return (
            <div ref={box} className={classes.box}>
                <p style={{ padding: 24 }}>Measure the volts at the battery and at the device while it draws, and they are drawn here.</p>
            </div>
        );
    }
    const isNarrow = width < NARROW;
    const edge = isNarrow ? { left: 12, right: 12, top: 36, bottom: 12 + LINE * points.length } : { left: 60, right: 130, top: 40, bottom: 50 };
    const placed = points.every((point, at) => point.along !== undefined && (at === 0 || point.along >= (points[at - 1]?.along ?? 0)));
    const whole = placed ? Math.max(0.01, points.at(-1)?.along ?? 1) : points.length - 1;
    const x = (index: number) => edge.left + ((width - edge.left - edge.right) * (placed ? (points[index]?.along ?? 0) : index)) / whole;
    const high = Math.max(...known.map((point) => point.volts), check.battery_rest_v ?? 0) + 0.1;
    const low = Math.min(...known.map((point) => point.volts)) - 0.3;
    const y = (value: number) => edge.top + ((high - value) / (high - low)) * (height - edge.top - edge.bottom);
    // Below the point where the line comes down steeply to it: above, it would lie on the line.
    const falls = (at: number) => at > 0 && at < points.length - 1 && (points[at - 1]?.volts ?? 0) - (points[at]?.volts ?? 0) > (high - low) / 4;
    const anchor = (at: number) => (x(at) < edge.left + 0.25 * width ? 'start' : isNarrow && x(at) > 0.7 * width ? 'end' : 'middle');
    const nameAt = (at: number) => (isNarrow ? height - edge.bottom + LINE * (at + 1) : height - 26 + (at % 2) * 16);
    const limit = (check.battery_loaded_v ?? high) - (judged?.limit_v ?? 0.36);
    return (
        <div ref={box} className={classes.box}>
            <svg viewBox={`0 0 ${width} ${height}`} className={lines.whole} role="img" aria-label={`${judged?.label ?? check.id}: ${known.map((point) => `${volts(point.volts, 2)} at ${point.name}`).join(', ')}`}>
                <path d={`M${edge.left} ${y(limit)}H${width - edge.right}`} className={`${lines.line} ${lines.decide}`} strokeWidth="1.5" strokeDasharray="6 5" />
                <text x={isNarrow ? edge.left : width - edge.right + 8} y={y(limit) + (isNarrow ? LINE : 4)} className={`${lines.text} ${lines.decide}`} fontSize="13">
                    may fall to {volts(limit, 2)}
                </text>
                {points.slice(1).map((point, at) => {
                    const before = points[at];
                    if (before?.volts === undefined || point.volts === undefined) {
                        return null;
                    }
                    const here = judged?.where === `${before.name} and ${point.name}`;
                    return (
                        <g key={at} data-lost={here || undefined}>
                            <path d={`M${x(at)} ${y(before.volts)}L${x(at + 1)} ${y(point.volts)}`} className={`${lines.line} ${here ? lines.stop : lines.copper}`} strokeWidth={here ? 8 : 6} strokeDasharray={here ? '10 4' : undefined} />
                            {here && (
                                <text x={(x(at) + x(at + 1)) / 2 + (isNarrow && x(at) > 0.6 * width ? -12 : 10)} textAnchor={isNarrow && x(at) > 0.6 * width ? 'end' : 'start'} y={(y(before.volts) + y(point.volts)) / 2 - 6} className={`${lines.figure} ${lines.stop}`} fontSize="18">
                                    −{volts(before.volts - point.volts, 2)}
                                </text>
                            )}
                        </g>
                    );
                })}
                {isNarrow && points.map((point, at) => point.volts !== undefined && <path key={at} d={`M${x(at)} ${y(point.volts) + 6}V${nameAt(at) - LINE + 6}`} className={`${lines.line} ${lines.hair}`} />)}
                {points.map((point, at) =>
                    point.volts === undefined ? null : (
                        <g key={at}>
                            <circle cx={x(at)} cy={y(point.volts)} r={6} className={lines.box} strokeWidth="2" />
                            <text x={x(at)} y={y(point.volts) + (falls(at) ? 26 : -12)} textAnchor={anchor(at)} className={lines.figure} fontSize="17">
                                {volts(point.volts, 2)}
                            </text>
                            <text x={x(at)} y={nameAt(at)} textAnchor={anchor(at)} className={`${lines.name} ${lines.edged}`} fontSize="15" strokeWidth="4">
                                {point.name.replace(/^the /, '')}
                                {placed && at > 0 ? `, ${length(point.along, system)}` : ''}
                            </text>
                        </g>
                    ),
                )}
            </svg>
        </div>
    );
}
