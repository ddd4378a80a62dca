import type { DayLines, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { apart, CHARGE, LETTERS, lineThrough } from './dayStripLayout';
import lines from './lines.module.css';

/** Other days over the one that is planned: the charge of each bank as an outline, with the letter of its variant. */
export function DayOver({ job, over, x }: { job: PlannedJob; over: readonly { name: string; says: string; lines: DayLines }[]; x: (minutes: number) => number }) {
    const y = (share: number) => CHARGE.top + CHARGE.height * (1 - share);
    const ends = over.flatMap(({ lines: day }, at) => day.banks.map((bank) => ({ at, bank: bank.id, minute: day.minutes[day.minutes.length - 1] ?? 0, soc: bank.soc[bank.soc.length - 1] ?? 0 })));
    const heights = apart(ends.map(({ soc }) => y(soc) + 5), 15, CHARGE.top + CHARGE.height + 4);
    return (
        <g data-over={over.length} pointerEvents="none">
            {over.map(({ name, says, lines: day }, at) => (
                <g key={name} data-over-of={name}>
                    <title>{says}</title>
                    {day.banks.map((bank) => (
                        <path key={bank.id} d={lineThrough(day.minutes.map(x), bank.soc.map(y))} className={`${lines.line} ${lines.decide}`} strokeWidth="1.5" strokeDasharray={['7 3', '3 3', '10 3 2 3'][at]} />
                    ))}
                </g>
            ))}
            {ends.map((end, at) => (
                <text key={`${end.at} ${end.bank}`} x={x(end.minute) + 10} y={heights[at]} className={`${lines.words} ${lines.edged} ${lines.decide}`} strokeWidth="4" fontSize="13">
                    {LETTERS[end.at]} {partName(job, `bank:${end.bank}`)} {Math.round(100 * end.soc)} %
                </text>
            ))}
        </g>
    );
}
