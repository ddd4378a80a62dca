import classes from './mounting.module.css';
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
            <path d={`M${away} ${below}L${a.x} ${a.y}L${b.x} ${b.y}Z`} className={classes.cone} />
            <circle cx={0} cy={0.25} r={0.75} className={classes.reach} />
            <path d={`M0 0L${away} ${below}`} className={classes.sightline} />
            <path d={`M${away - size * face.y} ${below + size * face.x}L${away + size * face.y} ${below - size * face.x}`} className={classes.screen} />
            <circle cx={-0.09} cy={0} r={0.12} className={classes.head} />
            <circle cx={0} cy={0} r={0.025} className={classes.mark} />
            <path d="M-0.1 0.13V0.7M-0.1 0.25H0" className={classes.body} />
        </MountingFrame>
    );
}
