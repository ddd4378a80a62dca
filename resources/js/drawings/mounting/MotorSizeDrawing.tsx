import { thrust, useUnits, windage } from '../../units/units';
import lines from '../lines.module.css';
import { type Answered, MountingFrame } from './MountingFrame';

interface Props extends Answered {
    /** N */
    thrust_n: number;
    /** N that her mass asks for; null: nobody has weighed her */
    needed_n: number | null;
    /** m² that the wind finds; null: not known */
    windage_m2: number | null;
    /** m */
    beam_m: number | null;
    /** she stands on two hulls with a deck between */
    twoHulls: boolean;
}

/** px */
const WATER = 104;
const MIDDLE = 130;
const LONGEST_BAR = 168;

/** Bow on: the area that the wind finds, to the scale of her beam, beside somebody of 1.75 m; below it push against what is asked for. */
export function MotorSizeDrawing({ thrust_n, needed_n, windage_m2, beam_m, twoHulls, ...frame }: Props) {
    const { system } = useUnits();
    const beam = beam_m ?? 2;
    const high = windage_m2 === null ? null : windage_m2 / beam;
    const scale = Math.min(150 / beam, 90 / Math.max(high ?? 0, 2.1));
    const [wide, side] = [beam * scale, 0.55 * scale];
    const bar = (newtons: number) => (LONGEST_BAR * newtons) / Math.max(thrust_n, needed_n ?? 0, 1);
    return (
        <MountingFrame {...frame} box="0 0 260 200">
            <rect x={0} y={WATER} width={260} height={28} fill="var(--water)" />
            {high !== null && <rect x={MIDDLE - wide / 2} y={WATER - high * scale} width={wide} height={high * scale} className={lines.zone} />}
            {twoHulls ? (
                <>
                    {[MIDDLE - wide / 2, MIDDLE + wide * 0.22].map((left) => (
                        <path key={left} d={`M${left} ${WATER - side}V${WATER}Q${left} ${WATER + 18} ${left + wide * 0.14} ${WATER + 18}T${left + wide * 0.28} ${WATER}V${WATER - side}Z`} className={lines.ground} />
                    ))}
                    <path d={`M${MIDDLE - wide / 2} ${WATER - side}H${MIDDLE + wide / 2}`} className={lines.line} strokeWidth="4" />
                </>
            ) : (
                <path d={`M${MIDDLE - wide / 2} ${WATER - side}Q${MIDDLE - wide / 2} ${WATER + 22} ${MIDDLE} ${WATER + 24}Q${MIDDLE + wide / 2} ${WATER + 22} ${MIDDLE + wide / 2} ${WATER - side}Z`} className={lines.ground} />
            )}
            <path d={`M${MIDDLE} ${WATER - 0.35 * scale}V${WATER - 1.55 * scale}M${MIDDLE - 0.22 * scale} ${WATER - 1.35 * scale}H${MIDDLE + 0.22 * scale}`} className={lines.line} />
            <circle cx={MIDDLE} cy={WATER - 1.72 * scale} r={0.15 * scale} className={lines.line} />
            <path d={`M0 ${WATER}H260`} className={`${lines.line} ${lines.hand}`} />
            <text x={252} y={18} textAnchor="end" className={lines.text}>
                {windage_m2 === null ? 'area not known' : windage(windage_m2, system)}
            </text>
            <text x={8} y={163} className={lines.text}>
                push
            </text>
            <rect x={64} y={152} data-part="motor" width={bar(thrust_n)} height={13} className={`${lines.solid} ${lines.hand}`} />
            <text x={8} y={187} className={lines.text}>
                asked
            </text>
            {needed_n === null ? (
                <text x={64} y={187} className={lines.text}>
                    not weighed
                </text>
            ) : (
                <rect x={64} y={176} data-part="asked" width={bar(needed_n)} height={13} className={lines.box} />
            )}
            <text x={252} y={147} textAnchor="end" className={lines.text}>
                {thrust(Math.max(thrust_n, needed_n ?? 0), system)}
            </text>
        </MountingFrame>
    );
}
