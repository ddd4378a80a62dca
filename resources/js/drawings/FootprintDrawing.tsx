import { length, type System } from '../units/units';
import lines from './lines.module.css';

interface Props {
    label: string;
    /** what each beam covers across, at one depth, the widest last */
    beams: readonly { deg: number; across_m: number }[];
    depth_m: number;
    /** m that the boat is wide; null: nobody has said */
    beam_m: number | null;
    below_water_m: number;
    system: System;
}

const [WIDTH, TOP] = [260, 46];
/** px that the water is deep */
const DEEP = 150;

/** What beams cover of the bottom, to scale under the boat: both widths and the depth in one measure. */
export function FootprintDrawing({ label, beams, depth_m: depth, beam_m: hull, below_water_m: below, system }: Props) {
    const widest = Math.max(hull ?? 0, ...beams.map(({ across_m: across }) => across), 1);
    // One measure for both ways; where a beam is wider than the picture, its depth shrinks with it.
    const scale = Math.min(DEEP / (depth + below), (WIDTH - 16) / widest);
    const middle = WIDTH / 2;
    const bottom = TOP + (depth + below) * scale;
    const words = `${label}, at ${length(depth, system)}: ${beams.map(({ deg, across_m: across }) => `${deg}° covers ${length(across, system)}`).join(', ')}`;
    return (
        <svg viewBox={`0 0 ${WIDTH} ${Math.max(bottom + 24, TOP + 40)}`} width={WIDTH} role="img" aria-label={words}>
            <path d={`M0 ${TOP}H${WIDTH}`} className={`${lines.line} ${lines.hand}`} strokeWidth="1" strokeDasharray="6 4" />
            <path d={`M${middle - ((hull ?? 1) * scale) / 2} ${TOP - 14}h${(hull ?? 1) * scale}l-4 20h${-(hull ?? 1) * scale + 8}z`} className={lines.solid} />
            {[...beams].reverse().map(({ deg, across_m: across }) => (
                <path key={deg} d={`M${middle} ${TOP + below * scale}L${middle - (across * scale) / 2} ${bottom}H${middle + (across * scale) / 2}z`} className={lines.line} strokeWidth="1.5" />
            ))}
            <path d={`M0 ${bottom}H${WIDTH}`} className={`${lines.line} ${lines.copper}`} strokeWidth="3" />
            <text x={middle} y={bottom + 18} textAnchor="middle" className={lines.figure} fontSize="13">
                {beams.map(({ across_m: across }) => length(across, system)).join(' · ')}
            </text>
            <text x={4} y={TOP - 22} className={`${lines.text} ${lines.soft}`} fontSize="13">
                {length(depth, system)} of water
            </text>
        </svg>
    );
}
