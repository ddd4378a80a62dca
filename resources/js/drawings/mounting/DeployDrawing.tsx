import lines from '../lines.module.css';
import { type Measured, measuresOf, MountingFrame } from './MountingFrame';

/** From the side, bow to the right: deck, mount, shaft, and the edge that it must clear. */
export function DeployDrawing({ measures, ...frame }: Measured) {
    const of = measuresOf(measures);
    const [setback, reach, shaft, drop, slope] = [of('setback_m', 0.3), of('reach_m', 0.4), of('shaft_mm', 30) / 1000, of('edge_drop_m'), (of('slope_deg') * Math.PI) / 180];
    const foot = { x: reach * Math.cos(slope), y: -reach * Math.sin(slope) };
    const down = (metres: number) => `${foot.x + metres * Math.sin(slope)} ${foot.y + metres * Math.cos(slope)}`;
    return (
        <MountingFrame {...frame} box="-0.75 -0.45 1.7 1.25">
            <path d={`M-0.75 ${0.75 * Math.sin(slope)}L0 0L${setback - 0.03} ${drop - 0.02}Q${setback} ${drop} ${setback} ${drop + 0.01}Q${setback - 0.05} ${drop + 0.25} ${setback - 0.45} 0.8H-0.75Z`} className={lines.ground} />
            <rect x={-0.5} y={-0.08} width={0.5} height={0.08} transform={`rotate(${(-slope * 180) / Math.PI})`} className={lines.box} />
            <path d={`M0 -0.04L${foot.x} ${foot.y - 0.04}`} className={lines.line} strokeWidth="3" />
            <path d={`M${down(-0.3)}L${down(0.72)}`} data-part="shaft" className={`${lines.line} ${lines.hand}`} style={{ vectorEffect: 'none' }} strokeWidth={shaft} />
            <circle cx={setback} cy={drop} r={0.025} data-part="mark" className={`${lines.solid} ${lines.stop}`} />
        </MountingFrame>
    );
}
