import { useRef } from 'react';

import type { Day, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Sideways } from '../look/Sideways';
import lines from './lines.module.css';
import { useSize } from './useSize';

const [TOP, ROW, LEFT, RIGHT, LEAST] = [28, 44, 150, 150, 520];

/** Days across, from full on: each bank as she lies, and as she would with everything off that a switch stops; down to its floor, then to nothing. */
export function LayUpBars({ job, banks, days, stretch }: { job: PlannedJob; banks: Day['lay_up']; days: number; stretch: 'between_trips' | 'winter' }) {
    const around = useRef<HTMLDivElement>(null);
    const width = Math.max(LEAST, useSize(around, { width: 760, height: 0 }).width);
    const longest = Math.max(1, days * 1.25);
    const x = (day: number) => LEFT + (Math.min(day, longest) / longest) * (width - LEFT - RIGHT);
    const height = TOP + ROW * banks.length + 6;
    const every = [1, 5, 10, 20, 30, 60, 90].find((step) => x(step) - LEFT >= 56) ?? 90;
    return (
        <Sideways ref={around} label="Bars of the lay-up">
            <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} role="img" aria-label="Days to the floor: the table below says the same" style={{ display: 'block' }}>
                {Array.from({ length: Math.floor(longest / every) + 1 }, (_, at) => at * every).map((day) => (
                    <g key={day}>
                        <path d={`M${x(day)} ${TOP - 6}V${height}`} className={`${lines.line} ${lines.hair}`} strokeWidth="1" />
                        <text x={x(day)} y={14} textAnchor="middle" className={lines.words} fontSize="13">
                            {day} d
                        </text>
                    </g>
                ))}
                {banks.map((bank, at) => {
                    const [y, lies] = [TOP + ROW * at, bank[stretch]];
                    const [floor, empty, off] = [lies.days_to_floor, lies.days_to_empty, lies.days_to_floor_switched_off];
                    const isFlat = floor !== null && floor < days;
                    return (
                        <g key={bank.bank} data-lay-up={bank.bank}>
                            <text x={LEFT - 10} y={y + 24} textAnchor="end" className={lines.name} fontSize="14">
                                {partName(job, `bank:${bank.bank}`)}
                            </text>
                            {floor !== null && (
                                <>
                                    {empty !== null && empty > floor && <rect x={x(floor)} y={y + 6} width={Math.max(0, x(empty) - x(floor))} height={16} className={`${lines.box} ${isFlat ? lines.stop : lines.soft}`} strokeWidth="1.5" strokeDasharray="4 3" />}
                                    <rect x={LEFT} y={y + 6} width={x(floor) - LEFT} height={16} className={`${lines.solid} ${isFlat ? lines.decide : lines.hand}`} />
                                    <text x={Math.min(x(empty ?? floor), width - RIGHT) + 8} y={y + 19} className={`${lines.figure} ${isFlat ? lines.decide : ''}`} fontSize="14">
                                        {floor > 999 ? 'years' : `${Math.floor(floor)} days`}
                                    </text>
                                </>
                            )}
                            {off !== null && bank.drains.some(({ meant }) => !meant) && (
                                <g data-switched-off="">
                                    <path d={`M${LEFT} ${y + 31}H${x(off)}`} className={`${lines.line} ${lines.good}`} strokeWidth="3" />
                                    <text x={x(off) + 8} y={y + 36} className={lines.words} fontSize="13">
                                        {off > 999 ? 'years' : `${Math.floor(off)} days`} off
                                    </text>
                                </g>
                            )}
                        </g>
                    );
                })}
                <text x={x(days) + 8} y={TOP + 2} className={`${lines.name} ${lines.edged} ${lines.decide}`} strokeWidth="4" fontSize="14">
                    afloat again
                </text>
                <path d={`M${x(days)} ${TOP - 8}V${height}`} className={`${lines.line} ${lines.decide}`} strokeWidth="2" strokeDasharray="7 4" />
            </svg>
        </Sideways>
    );
}
