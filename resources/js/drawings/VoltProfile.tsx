import { Stack, Text } from '@mantine/core';

import type { Profile } from '../api/types';
import { length, useUnits, volts } from '../units/units';
import { copperWidth } from './potential';
import lines from './lines.module.css';

const WIDTH = 760;
const HEIGHT = 250;
const LEFT = 58;
const RIGHT = 14;
const TOP = 26;
const BOTTOM = 30;
/** What has no length still gets a step wide enough to see. */
const STEP = 26;
/** A stretch is named when it takes at least this share of what is lost. */
const NAMED_SHARE = 0.05;
/** What a name takes of the width. */
const ROOM = 200;

/** Along the way from battery to device: metres to the right, volts upward; where the line falls, the volts went. */
export function VoltProfile({ profile, from, name }: { profile: Profile; from: string; name: string }) {
    const { system } = useUnits();
    const points = profile.points;
    const metres = points[points.length - 1]?.at_m ?? 0;
    const steps = points.filter((point, index) => index > 0 && point.at_m === points[index - 1]?.at_m).length;
    const perMetre = (WIDTH - LEFT - RIGHT - steps * STEP) / Math.max(metres, 0.01);
    const xs: number[] = [];
    for (const [index, point] of points.entries()) {
        const before = points[index - 1];
        const x = xs[index - 1] ?? LEFT;
        xs.push(before === undefined ? LEFT : x + (point.at_m === before.at_m ? STEP : (point.at_m - before.at_m) * perMetre));
    }
    const seen = points.map((point) => point.volts);
    const highest = Math.max(...seen);
    const lowest = Math.min(...seen);
    // The device's lower limit is drawn where it is near; otherwise the axis breaks above it and says so.
    const near = profile.v_min > lowest - 1.2 * Math.max(highest - lowest, 0.2);
    const span = Math.max(highest - (near ? Math.min(lowest, profile.v_min) : lowest), 0.2);
    const top = highest + span * 0.08;
    const bottom = (near ? Math.min(lowest, profile.v_min) : lowest) - span * 0.12;
    const y = (v: number) => TOP + ((top - v) / (top - bottom)) * (HEIGHT - TOP - BOTTOM);
    const ticks = ticksBetween(bottom, top);
    const last = points[points.length - 1];
    const labels = labelled(points, xs);

    return (
        <Stack component="figure" gap={0} h="100%" mih={0} m={0}>
            <Text component="figcaption" fz={14}>
                {from} → <strong>{name}</strong>: {volts(points[0]?.volts, 2)} at rest, <strong>{volts(last?.volts, 2)}</strong> at the plug with everything on
            </Text>
            <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={lines.whole} role="img" aria-label={`Volt profile to ${name}; the list after it has the same figures`}>
                {near && (
                    <>
                        <rect x={LEFT} y={y(profile.v_min)} width={WIDTH - LEFT - RIGHT} height={Math.max(0, HEIGHT - BOTTOM - y(profile.v_min))} fill="var(--straw)" />
                        <text x={LEFT + 8} y={Math.min(HEIGHT - BOTTOM - 4, y(profile.v_min) + 14)} className={`${lines.words} ${lines.edged}`} fontSize="15" strokeWidth="3">
                            below {volts(profile.v_min)} it restarts
                        </text>
                    </>
                )}
                {ticks.map((tick) => (
                    <g key={tick}>
                        <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} className={`${lines.line} ${lines.hair}`} />
                        <text x={LEFT - 8} y={y(tick) + 4} textAnchor="end" className={lines.words} fontSize="15">
                            {tick.toFixed(top - bottom < 0.5 ? 2 : 1)}
                        </text>
                    </g>
                ))}
                {points.slice(1).map((point, index) => {
                    const before = points[index];
                    return before === undefined ? null : (
                        <line
                            key={index}
                            x1={xs[index]}
                            y1={y(before.volts)}
                            x2={xs[index + 1]}
                            y2={y(point.volts)}
                            className={point.area_mm2 > 0 ? `${lines.line} ${lines.copper}` : lines.line}
                            strokeLinecap={point.area_mm2 > 0 ? 'round' : 'butt'}
                            strokeWidth={point.area_mm2 > 0 ? copperWidth(point.area_mm2) : 2}
                        />
                    );
                })}
                {labels.map(({ point, x, middleVolts, above }) => (
                    <text key={x} x={x} y={y(middleVolts) + (above ? -14 : 24)} textAnchor={above ? 'start' : 'end'} className={`${lines.words} ${lines.edged}`} fontSize="15" strokeWidth="3">
                        {point.label} −{point.lost_v.toFixed(2)} V
                    </text>
                ))}
                <line x1={LEFT} x2={LEFT} y1={TOP} y2={HEIGHT - BOTTOM} className={lines.line} />
                {!near && <path d={`M${LEFT - 6} ${HEIGHT - BOTTOM - 4} l12 -5 m-12 -1 l12 -5`} className={lines.line} />}
                <text x={LEFT} y={HEIGHT - 8} className={lines.words} fontSize="15">
                    0
                </text>
                <text x={WIDTH - RIGHT} y={HEIGHT - 8} textAnchor="end" className={lines.words} fontSize="15">
                    {length(metres, system)} of run
                </text>
            </svg>
            <ol className="unseen" aria-label="Volts along the way">
                {points.map((point, index) => (
                    <li key={index}>
                        {point.label}: {volts(point.volts, 2)}
                    </li>
                ))}
            </ol>
        </Stack>
    );
}

/** The stretches that lose enough to be named, alternately above and below the line so that names keep apart. */
function labelled(points: Profile['points'], xs: number[]) {
    const whole = Math.max(0.001, (points[0]?.volts ?? 0) - (points[points.length - 1]?.volts ?? 0));
    return points
        .map((point, index) => ({ point, before: points[index - 1], x: ((xs[index - 1] ?? 0) + (xs[index] ?? 0)) / 2 }))
        .filter(({ point, before }) => before !== undefined && point.lost_v / whole >= NAMED_SHARE)
        .map(({ point, before, x }, index) => ({
            point,
            x,
            middleVolts: ((before?.volts ?? 0) + point.volts) / 2,
            // The line falls to the right: above it there is room to the right, below it to the left.
            above: x < LEFT + ROOM || (index % 2 === 0 && x < WIDTH - ROOM),
        }));
}

function ticksBetween(low: number, high: number): number[] {
    const step = [0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5].find((candidate) => (high - low) / candidate <= 5) ?? 10;
    const ticks: number[] = [];
    for (let tick = Math.ceil(low / step) * step; tick <= high; tick += step) {
        ticks.push(Number(tick.toFixed(2)));
    }
    return ticks;
}
