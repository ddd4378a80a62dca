import { length, useUnits } from '../../units/units';
import lines from '../lines.module.css';
import { type Answered, MountingFrame } from './MountingFrame';

interface Props extends Answered {
    /** m; undefined: not measured */
    distance_m: number | undefined;
    /** m that are needed without a shield */
    clear_m: number;
    shield: boolean;
}

/** m of a common block, and of a fitting */
const [LONG, WIDE, FITTING] = [0.33, 0.17, 0.03];

/** From above: the fitting with what it keeps free around it, the battery at its distance, the shield between. */
export function PetrolDrawing({ distance_m, clear_m, shield, ...frame }: Props) {
    const { system } = useUnits();
    const distance = distance_m ?? clear_m;
    const width = Math.max(clear_m + distance + LONG + 0.12, 1.3 * (2 * clear_m + 0.1));
    const height = width / 1.3;
    const letter = width / 20;
    return (
        <MountingFrame {...frame} box={`${-clear_m - 0.06} ${-height / 2} ${width} ${height}`}>
            <circle cx={0} cy={0} r={clear_m} className={`${lines.line} ${lines.decide}`} strokeDasharray="4 4" />
            <circle cx={0} cy={0} r={FITTING} className={`${lines.solid} ${lines.stop}`} />
            <rect x={distance + FITTING} y={-WIDE / 2} width={LONG} height={WIDE} className={lines.box} strokeDasharray={distance_m === undefined ? '4 3' : undefined} />
            <path d={`M${FITTING} 0H${distance + FITTING}`} className={`${lines.line} ${lines.soft}`} strokeDasharray="3 3" />
            {shield && <path d={`M${distance / 2 + FITTING} ${-WIDE}V${WIDE}`} className={lines.line} strokeWidth="7" />}
            <text x={FITTING + distance / 2} y={height / 2 - letter} textAnchor="middle" fontSize={letter} className={lines.text}>
                {distance_m === undefined ? 'not measured' : length(distance_m, system)}
            </text>
        </MountingFrame>
    );
}
