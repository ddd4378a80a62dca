import { useRef } from 'react';

import type { DayNight, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Sideways } from '../look/Sideways';
import { hours } from '../units/units';
import lines from './lines.module.css';
import { useSize } from './useSize';

const [TOP, ROW, LEFT, RIGHT, LEAST] = [26, 34, 150, 120, 520];

/** From plugging in on: each battery at its charger's amps, then at its volts, until it is full; the end of the night stands across all. */
export function NightBars({ job, night }: { job: PlannedJob; night: DayNight }) {
    const around = useRef<HTMLDivElement>(null);
    const width = Math.max(LEAST, useSize(around, { width: 760, height: 0 }).width);
    const longest = Math.min(48, Math.max(night.hours, ...night.batteries.map((one) => one.full_after_h ?? 0), 1) * 1.04);
    const x = (hour: number) => LEFT + (Math.min(hour, longest) / longest) * (width - LEFT - RIGHT);
    const height = TOP + ROW * night.batteries.length + 8;
    const every = [1, 2, 4, 6, 12].find((step) => (x(step) - LEFT) >= 50) ?? 12;
    return (
        <Sideways ref={around} label="Bars of the night">
            <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} role="img" aria-label="Night on the charger: the table below says the same" style={{ display: 'block' }}>
                {Array.from({ length: Math.floor(longest / every) + 1 }, (_, at) => at * every).map((hour) => (
                    <g key={hour}>
                        <path d={`M${x(hour)} ${TOP - 4}V${height}`} className={`${lines.line} ${lines.hair}`} strokeWidth="1" />
                        <text x={x(hour)} y={14} textAnchor="middle" className={lines.words} fontSize="13">
                            {hour} h
                        </text>
                    </g>
                ))}
                {night.batteries.map((one, at) => {
                    const [y, bulk, end] = [TOP + ROW * at, x(one.bulk_h), x(one.full_after_h ?? (one.not_charged === null ? longest : 0))];
                    const isLate = one.not_charged === null && (one.full_after_h ?? Infinity) > night.hours;
                    return (
                        <g key={one.id} data-night={one.id}>
                            <text x={LEFT - 10} y={y + 20} textAnchor="end" className={lines.name} fontSize="14">
                                {partName(job, `battery:${one.id}`)}
                            </text>
                            {end > bulk && <rect x={bulk} y={y + 6} width={end - bulk} height={20} className={`${lines.ground} ${lines.hand}`} strokeWidth="1.5" strokeDasharray="4 3" />}
                            {bulk > LEFT && <rect x={LEFT} y={y + 6} width={bulk - LEFT} height={20} className={`${lines.solid} ${lines.hand}`} />}
                            <text x={end + 8} y={y + 21} className={`${lines.figure} ${isLate ? lines.decide : ''}`} fontSize="14">
                                {one.not_charged !== null ? '' : one.full_after_h === null ? 'never full' : one.full_after_h === 0 ? 'full already' : `full ${hours(one.full_after_h)}`}
                            </text>
                        </g>
                    );
                })}
                <path d={`M${x(night.hours)} ${TOP - 8}V${height}`} className={`${lines.line} ${lines.decide}`} strokeWidth="2" strokeDasharray="7 4" />
                <text x={x(night.hours) + 8} y={TOP + 6} className={`${lines.name} ${lines.edged} ${lines.decide}`} strokeWidth="4" fontSize="14">
                    morning
                </text>
            </svg>
        </Sideways>
    );
}
