import type { PlannedJob, Survey } from '../api/types';
import { length, useUnits, volts } from '../units/units';
import classes from './PathDrawing.module.css';

type Check = NonNullable<NonNullable<PlannedJob['plan']['survey']>['path_checks']>[number];

const WIDTH = 960;
const HEIGHT = 280;
const EDGE = { left: 60, right: 120, top: 40, bottom: 50 };

/** A circuit as it was found: the volts that were measured along it, and the stretch where they are lost. */
export function PathDrawing({ check, judged }: { check: Check; judged: Survey['checks'][number] | undefined }) {
    const { system } = useUnits();
    const points = [
        { name: 'the battery', volts: check.battery_loaded_v, along: 0 as number | undefined },
        ...(check.between ?? []).map((point) => ({ name: point.name, volts: point.loaded_v, along: point.along_m })),
        { name: 'the device', volts: check.device_loaded_v, along: check.length_m },
    ];
    const known = points.filter((point): point is { name: string; volts: number; along: number | undefined } => point.volts !== undefined);
    if (known.length < 2) {
        return <p className={classes.empty}>Measure the volts at the battery and at the device while it draws, and they are drawn here.</p>;
    }
    const placed = points.every((point, at) => point.along !== undefined && (at === 0 || point.along >= (points[at - 1]?.along ?? 0)));
    const whole = placed ? Math.max(0.01, points.at(-1)?.along ?? 1) : points.length - 1;
    const x = (index: number) => EDGE.left + ((WIDTH - EDGE.left - EDGE.right) * (placed ? (points[index]?.along ?? 0) : index)) / whole;
    const high = Math.max(...known.map((point) => point.volts), check.battery_rest_v ?? 0) + 0.1;
    const low = Math.min(...known.map((point) => point.volts)) - 0.3;
    const y = (value: number) => EDGE.top + ((high - value) / (high - low)) * (HEIGHT - EDGE.top - EDGE.bottom);
    // Below the point where the line comes down steeply to it: above, it would lie on the line.
    const falls = (at: number) => at > 0 && at < points.length - 1 && (points[at - 1]?.volts ?? 0) - (points[at]?.volts ?? 0) > (high - low) / 4;
    const limit = (check.battery_loaded_v ?? high) - (judged?.limit_v ?? 0.36);
    return (
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={classes.path} role="img" aria-label={`${judged?.label ?? check.id}: ${known.map((point) => `${volts(point.volts, 2)} at ${point.name}`).join(', ')}`}>
            <path d={`M${EDGE.left} ${y(limit)}H${WIDTH - EDGE.right}`} className={classes.limit} />
            <text x={WIDTH - EDGE.right + 8} y={y(limit) + 4} className={classes.small}>
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
                        <path d={`M${x(at)} ${y(before.volts)}L${x(at + 1)} ${y(point.volts)}`} className={classes.wire} />
                        {here && (
                            <text x={(x(at) + x(at + 1)) / 2 + 10} y={(y(before.volts) + y(point.volts)) / 2 - 6} className={classes.lost}>
                                −{volts(before.volts - point.volts, 2)}
                            </text>
                        )}
                    </g>
                );
            })}
            {points.map((point, at) =>
                point.volts === undefined ? null : (
                    <g key={at}>
                        <circle cx={x(at)} cy={y(point.volts)} r={6} className={classes.dot} />
                        <text x={x(at)} y={y(point.volts) + (falls(at) ? 26 : -12)} textAnchor={at === 0 ? 'start' : 'middle'} className={classes.volts}>
                            {volts(point.volts, 2)}
                        </text>
                        <text x={x(at)} y={HEIGHT - 26 + (at % 2) * 16} textAnchor={at === 0 ? 'start' : 'middle'} className={classes.name}>
                            {point.name.replace(/^the /, '')}
                            {placed && at > 0 ? `, ${length(point.along, system)}` : ''}
                        </text>
                    </g>
                ),
            )}
        </svg>
    );
}
