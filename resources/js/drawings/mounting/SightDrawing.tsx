import lines from '../lines.module.css';
import { type Measured, measuresOf, MountingFrame } from './MountingFrame';

/** From the side: the eye, the screen with its cone of sight, and how far an arm reaches. */
export function SightDrawing({ measures, ...frame }: Measured) {
    const of = measuresOf(measures);
    const [away, below, tilt] = [Math.hypot(of('away_m', 0.6), of('aside_m')), of('below_m'), (of('tilt_deg') * Math.PI) / 180];
    const size = 0.13;
    const face = { x: -Math.cos(tilt), y: -Math.sin(tilt) };
    const cone = (side: 1 | -1) => {
        const turn = side * (Math.PI / 4);
        return { x: away + 0.9 * (face.x * Math.cos(turn) - face.y * Math.sin(turn)), y: below + 0.9 * (face.x * Math.sin(turn) + face.y * Math.cos(turn)) };
    };
    const [a, b] = [cone(1), cone(-1)];
    return (
        <MountingFrame {...frame} box={`-0.35 ${Math.min(-0.4, below - 0.6)} ${Math.max(1.2, away + 0.6)} ${Math.max(1.1, below + 1)}`}>
            <path d={`M${away} ${below}L${a.x} ${a.y}L${b.x} ${b.y}Z`} data-part="cone" fill="var(--water)" />
            <circle cx={0} cy={0.25} r={0.75} className={`${lines.line} ${lines.decide}`} strokeDasharray="4 4" />
            <path d={`M0 0L${away} ${below}`} className={`${lines.line} ${lines.soft}`} strokeDasharray="3 3" />
            <path d={`M${away - size * face.y} ${below + size * face.x}L${away + size * face.y} ${below - size * face.x}`} className={lines.line} strokeWidth="7" />
            <circle cx={-0.09} cy={0} r={0.12} className={lines.line} />
            <circle cx={0} cy={0} r={0.025} className={`${lines.solid} ${lines.stop}`} />
            <path d="M-0.1 0.13V0.7M-0.1 0.25H0" className={lines.line} />
        </MountingFrame>
    );
}
