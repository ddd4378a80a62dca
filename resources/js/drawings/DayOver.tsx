import type { DayLines, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { lineThrough } from './dayStripLayout';
import lines from './lines.module.css';

/** Another day that lies over the one that is planned, and the letter or word that it is known by. */
export interface LaidOver {
    letter: string;
    says: string;
    lines: DayLines;
}

/** Where each bank of each of them ends. */
export function endsOf(over: readonly LaidOver[]): { letter: string; bank: string; minute: number; soc: number }[] {
    return over.flatMap(({ letter, lines: day }) => day.banks.map((bank) => ({ letter, bank: bank.id, minute: day.minutes[day.minutes.length - 1] ?? 0, soc: bank.soc[bank.soc.length - 1] ?? 0 })));
}

interface Props {
    job: PlannedJob;
    over: readonly LaidOver[];
    x: (minutes: number) => number;
    y: (share: number) => number;
    /** px from the top of the words at each end */
    heights: readonly number[];
}

/** Other days over the one that is planned: the charge of each bank as an outline, with the letter of its variant. */
export function DayOver({ job, over, x, y, heights }: Props) {
    return (
        <g data-over={over.length} pointerEvents="none">
            {over.map(({ letter, says, lines: day }, at) => (
                <g key={letter} data-over-of={letter}>
                    <title>{says}</title>
                    {day.banks.map((bank) => (
                        <path key={bank.id} d={lineThrough(day.minutes.map(x), bank.soc.map(y))} className={`${lines.line} ${lines.decide}`} strokeWidth="1.5" strokeDasharray={['7 3', '3 3', '10 3 2 3', undefined][at]} />
                    ))}
                </g>
            ))}
            {endsOf(over).map((end, at) => (
                <text key={`${end.letter} ${end.bank}`} x={x(end.minute) + 10} y={heights[at]} className={`${lines.words} ${lines.edged} ${lines.decide}`} strokeWidth="4" fontSize="13">
                    {end.letter} {partName(job, `bank:${end.bank}`)} {Math.round(100 * end.soc)} %
                </text>
            ))}
        </g>
    );
}
