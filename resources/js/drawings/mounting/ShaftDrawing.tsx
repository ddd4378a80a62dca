import lines from '../lines.module.css';
import { type Measured, measuresOf, MountingFrame } from './MountingFrame';

/** From the side: the mount above the water, the shaft, the hub below it. */
export function ShaftDrawing({ measures, ...frame }: Measured) {
    const of = measuresOf(measures);
    const [length, height, collar, lean] = [of('length_m', 1.4), of('mount_height_m', 0.6), of('collar_m', 0.05), (of('lean_deg') * Math.PI) / 180];
    const at = (metres: number) => ({ x: metres * Math.sin(lean), y: metres * Math.cos(lean) });
    const hub = at(length - collar);
    const top = at(-collar);
    const deep = Math.max(hub.y, height + 0.5) + 0.25;
    return (
        <MountingFrame {...frame} box={`-0.9 ${-collar - 0.25} 1.8 ${deep + collar + 0.25}`}>
            <rect x={-0.9} y={height} width={1.8} height={deep - height} fill="var(--water)" />
            <path d={`M-0.9 ${height}H0.9`} className={`${lines.line} ${lines.hand}`} />
            <path d={`M-0.9 0H-0.1V0.05Q-0.15 ${height} -0.5 ${height + 0.2}H-0.9Z`} className={lines.ground} />
            <rect x={-0.25} y={-0.06} width={0.3} height={0.06} className={lines.box} />
            <path d={`M${top.x} ${top.y}L${hub.x} ${hub.y}`} className={`${lines.line} ${lines.hand}`} style={{ vectorEffect: 'none' }} strokeWidth={0.035} />
            <rect x={top.x - 0.09} y={top.y - 0.12} width={0.18} height={0.12} className={`${lines.solid} ${lines.hand}`} />
            <ellipse cx={hub.x + 0.05} cy={hub.y} rx={0.14} ry={0.045} className={`${lines.solid} ${lines.hand}`} />
            <path d={`M${hub.x - 0.1} ${hub.y - 0.13}V${hub.y + 0.13}`} className={`${lines.line} ${lines.hand}`} strokeWidth="4" />
            <path d={`M0.6 ${height + 0.3}H0.85M0.6 ${height + 0.43}H0.85`} className={`${lines.line} ${lines.stop}`} strokeWidth="2" />
        </MountingFrame>
    );
}
