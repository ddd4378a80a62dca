import { length, type System } from '../units/units';
import lines from './lines.module.css';

interface Props {
    label: string;
    /** what the owner wants depth to be counted from */
    from: 'surface' | 'keel' | 'transducer';
    /** m of the transducer below the surface; of the deepest point likewise; null: not measured */
    below_water_m: number | null;
    keel_below_m: number | null;
    /** m that the screen adds to what the transducer measures */
    offset_m: number;
    system: System;
}

const [WIDTH, SURFACE, BOTTOM] = [260, 54, 210];
/** px that the lowest of transducer and keel hangs below the surface */
const DEEP = 66;

/** What a screen adds to what its transducer measures; what hangs below the surface to scale, the water under it cut short. */
export function OffsetDrawing({ label, from, below_water_m: below, keel_below_m: keel, offset_m: offset, system }: Props) {
    const lowest = Math.max(below ?? 0, keel ?? 0, 0.05);
    const at = (metres: number) => SURFACE + (metres / lowest) * DEEP;
    const sounder = at(below ?? 0);
    const wanted = from === 'surface' ? SURFACE : from === 'keel' ? at(keel ?? 0) : sounder;
    const signed = `${offset < 0 ? '−' : '+'}${length(Math.abs(offset), system)}`;
    return (
        <svg viewBox={`0 0 ${WIDTH} ${BOTTOM + 6}`} width={WIDTH} role="img" aria-label={`${label}: depth is counted from the ${from}, the screen adds ${signed}`}>
            <path d={`M0 ${SURFACE}H${WIDTH}`} className={`${lines.line} ${lines.hand}`} strokeWidth="1" strokeDasharray="6 4" />
            <path d={`M86 ${SURFACE - 18}H174L162 ${at(keel ?? lowest / 2)}H98z`} className={lines.ground} strokeWidth="1.5" />
            <rect x="118" y={sounder - 6} width="24" height="9" rx="2" className={lines.solid} />
            <path d={`M0 ${BOTTOM}H${WIDTH}`} className={`${lines.line} ${lines.copper}`} strokeWidth="3" />
            <Measure x={220} top={sounder} words="measured" />
            <Measure x={40} top={wanted} words="shown" isHand />
            {Math.abs(wanted - sounder) > 1 && <path d={`M40 ${wanted}H52M40 ${sounder}H118M142 ${sounder}H220`} className={`${lines.line} ${lines.soft}`} strokeWidth="1" strokeDasharray="3 3" />}
            <text x={WIDTH / 2} y={20} textAnchor="middle" className={lines.figure} fontSize="18">
                type {signed}
            </text>
        </svg>
    );
}

/** From a height down to the bottom, cut where the water is not to scale. */
function Measure({ x, top, words, isHand = false }: { x: number; top: number; words: string; isHand?: boolean }) {
    const cut = BOTTOM - 34;
    return (
        <>
            <path d={`M${x - 6} ${top}h12M${x} ${top}V${cut}m-6 4l12 -8m-12 16l12 -8M${x} ${cut + 8}V${BOTTOM}m-4 -7l4 7l4 -7`} className={`${lines.line} ${isHand ? lines.hand : ''}`} strokeWidth={isHand ? 2.5 : 1.5} />
            <text x={isHand ? x + 10 : x - 10} y={BOTTOM - 44} textAnchor={isHand ? undefined : 'end'} className={lines.text} fontSize="13">
                {words}
            </text>
        </>
    );
}
