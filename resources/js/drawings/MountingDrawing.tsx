import classes from './MountingDrawing.module.css';

type Measures = Record<string, number | boolean | string | undefined>;

interface Props {
    field: string;
    measures: Measures;
    good: boolean | null;
    label: string;
}

/** The question of a mounting as a small drawing that follows its measures; figures stand beside it. */
export function MountingDrawing({ field, measures, good, label }: Props) {
    const of = (name: string, otherwise = 0) => (typeof measures[name] === 'number' ? measures[name] : otherwise);
    const drawing = { deploy: Deploy, sweep: Sweep, shaft: Shaft, seen_from_helm: Sight, seen_from_angler: Sight }[field];
    const [frame, body] = drawing === undefined ? ['0 0 1 1', null] : drawing(of);
    return (
        <svg viewBox={frame} className={classes.drawing} role="img" aria-label={label} data-good={good ?? 'unknown'}>
            {body}
        </svg>
    );
}

type Of = (name: string, otherwise?: number) => number;

/** From the side, bow to the right: deck, mount, shaft, and the edge that it must clear. */
function Deploy(of: Of): [string, React.ReactNode] {
    const [setback, reach, shaft, drop, slope] = [of('setback_m', 0.3), of('reach_m', 0.4), of('shaft_mm', 30) / 1000, of('edge_drop_m'), (of('slope_deg') * Math.PI) / 180];
    const foot = { x: reach * Math.cos(slope), y: -reach * Math.sin(slope) };
    const down = (metres: number) => `${foot.x + metres * Math.sin(slope)} ${foot.y + metres * Math.cos(slope)}`;
    return [
        '-0.75 -0.45 1.7 1.25',
        <>
            <path d={`M-0.75 ${0.75 * Math.sin(slope)}L0 0L${setback - 0.03} ${drop - 0.02}Q${setback} ${drop} ${setback} ${drop + 0.01}Q${setback - 0.05} ${drop + 0.25} ${setback - 0.45} 0.8H-0.75Z`} className={classes.hull} />
            <rect x={-0.5} y={-0.08} width={0.5} height={0.08} transform={`rotate(${(-slope * 180) / Math.PI})`} className={classes.part} />
            <path d={`M0 -0.04L${foot.x} ${foot.y - 0.04}`} className={classes.arm} />
            <path d={`M${down(-0.3)}L${down(0.72)}`} className={classes.shaft} strokeWidth={shaft} />
            <circle cx={setback} cy={drop} r={0.025} className={classes.mark} />
        </>,
    ];
}

/** From above, bow up: what head and cord sweep, the rails, the door behind. */
function Sweep(of: Of): [string, React.ReactNode] {
    const [head, cord, rail, door, offset] = [of('head_m', 0.25), of('cord_m', 0.3), of('rail_m', 0.6), of('door_m', 0.7), of('offset_m')];
    const width = rail + 0.25;
    return [
        `${-width} -0.6 ${2 * width} ${door + 0.9}`,
        <>
            <path d={`M${-rail} ${door + 0.3}V-0.3M${rail} ${door + 0.3}V-0.3`} className={classes.rail} />
            <path d={`M0 -0.5V${door + 0.3}`} className={classes.middle} />
            <rect x={-0.18} y={door} width={0.36} height={0.24} className={classes.part} />
            <circle cx={offset} cy={0} r={cord} className={classes.sweep} />
            <circle cx={offset} cy={0} r={head} className={classes.sweep} />
            <rect x={offset - 0.06} y={-head} width={0.12} height={head * 1.4} rx={0.03} className={classes.motor} />
            <circle cx={offset} cy={0} r={0.025} className={classes.mark} />
        </>,
    ];
}

/** From the side: the mount above the water, the shaft, the hub below it. */
function Shaft(of: Of): [string, React.ReactNode] {
    const [length, height, collar, lean] = [of('length_m', 1.4), of('mount_height_m', 0.6), of('collar_m', 0.05), (of('lean_deg') * Math.PI) / 180];
    const at = (metres: number) => ({ x: metres * Math.sin(lean), y: metres * Math.cos(lean) });
    const hub = at(length - collar);
    const top = at(-collar);
    const deep = Math.max(hub.y, height + 0.5) + 0.25;
    return [
        `-0.9 ${-collar - 0.25} 1.8 ${deep + collar + 0.25}`,
        <>
            <rect x={-0.9} y={height} width={1.8} height={deep - height} className={classes.water} />
            <path d={`M-0.9 ${height}H0.9`} className={classes.surface} />
            <path d={`M-0.9 0H-0.1V0.05Q-0.15 ${height} -0.5 ${height + 0.2}H-0.9Z`} className={classes.hull} />
            <rect x={-0.25} y={-0.06} width={0.3} height={0.06} className={classes.part} />
            <path d={`M${top.x} ${top.y}L${hub.x} ${hub.y}`} className={classes.shaft} strokeWidth={0.035} />
            <rect x={top.x - 0.09} y={top.y - 0.12} width={0.18} height={0.12} className={classes.motor} />
            <ellipse cx={hub.x + 0.05} cy={hub.y} rx={0.14} ry={0.045} className={classes.motor} />
            <path d={`M${hub.x - 0.1} ${hub.y - 0.13}V${hub.y + 0.13}`} className={classes.blade} />
            <path d={`M0.6 ${height + 0.3}H0.85M0.6 ${height + 0.43}H0.85`} className={classes.needed} />
        </>,
    ];
}

/** From the side: the eye, the screen with its cone of sight, and how far an arm reaches. */
function Sight(of: Of): [string, React.ReactNode] {
    const [away, below, tilt] = [Math.hypot(of('away_m', 0.6), of('aside_m')), of('below_m'), (of('tilt_deg') * Math.PI) / 180];
    const size = 0.13;
    const face = { x: -Math.cos(tilt), y: -Math.sin(tilt) };
    const cone = (side: 1 | -1) => {
        const turn = side * (Math.PI / 4);
        return { x: away + 0.9 * (face.x * Math.cos(turn) - face.y * Math.sin(turn)), y: below + 0.9 * (face.x * Math.sin(turn) + face.y * Math.cos(turn)) };
    };
    const [a, b] = [cone(1), cone(-1)];
    return [
        `-0.35 ${Math.min(-0.4, below - 0.6)} ${Math.max(1.2, away + 0.6)} ${Math.max(1.1, below + 1)}`,
        <>
            <path d={`M${away} ${below}L${a.x} ${a.y}L${b.x} ${b.y}Z`} className={classes.cone} />
            <circle cx={0} cy={0.25} r={0.75} className={classes.reach} />
            <path d={`M0 0L${away} ${below}`} className={classes.sightline} />
            <path d={`M${away - size * face.y} ${below + size * face.x}L${away + size * face.y} ${below - size * face.x}`} className={classes.screen} />
            <circle cx={-0.09} cy={0} r={0.12} className={classes.head} />
            <circle cx={0} cy={0} r={0.025} className={classes.mark} />
            <path d="M-0.1 0.13V0.7M-0.1 0.25H0" className={classes.body} />
        </>,
    ];
}
