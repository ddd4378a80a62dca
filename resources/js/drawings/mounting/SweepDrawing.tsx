import lines from '../lines.module.css';
import { type Measured, measuresOf, MountingFrame } from './MountingFrame';

/** From above, bow up: what head and cord sweep, the rails, the door behind. */
export function SweepDrawing({ measures, ...frame }: Measured) {
    const of = measuresOf(measures);
    const [head, cord, rail, door, offset] = [of('head_m', 0.25), of('cord_m', 0.3), of('rail_m', 0.6), of('door_m', 0.7), of('offset_m')];
    const width = rail + 0.25;
    return (
        <MountingFrame {...frame} box={`${-width} -0.6 ${2 * width} ${door + 0.9}`}>
            <path d={`M${-rail} ${door + 0.3}V-0.3M${rail} ${door + 0.3}V-0.3`} data-part="rail" className={lines.line} strokeWidth="4" />
            <path d={`M0 -0.5V${door + 0.3}`} className={`${lines.line} ${lines.hair}`} strokeDasharray="10 4 2 4" />
            <rect x={-0.18} y={door} width={0.36} height={0.24} className={lines.box} />
            <circle cx={offset} cy={0} r={cord} className={lines.zone} />
            <circle cx={offset} cy={0} r={head} className={lines.zone} />
            <rect x={offset - 0.06} y={-head} width={0.12} height={head * 1.4} rx={0.03} className={`${lines.solid} ${lines.hand}`} />
            <circle cx={offset} cy={0} r={0.025} className={`${lines.solid} ${lines.stop}`} />
        </MountingFrame>
    );
}
