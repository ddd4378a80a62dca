interface Props {
    hull: string | null;
    length: number | null;
    beam: number | null;
    stops: number | null;
    decisions: number | null;
}

/** Metres across the drawing: every boat in the shed has the same scale. */
const FLOOR_LENGTH = 8;
const FLOOR_BEAM = 4;

/** A boat from above, bow up, drawn to scale from its length, beam and kind. */
export function HullOutline({ hull, length, beam, stops, decisions }: Props) {
    const l = (length ?? 5) * 10;
    const b = (beam ?? 2) * 10;
    return (
        <svg viewBox={`${-FLOOR_BEAM * 5} ${-FLOOR_LENGTH * 10} ${FLOOR_BEAM * 10} ${FLOOR_LENGTH * 10}`} height="240" role="img" aria-label={label(stops, decisions)}>
            <g fill="#fff" stroke="#16262B" strokeWidth="0.5">
                {outline(hull, l, b).map((d) => (
                    <path key={d} d={d} />
                ))}
            </g>
            {stops !== null && stops > 0 && <path d="M-2.2 -14.4h4.4l3 3v4.4l-3 3h-4.4l-3 -3v-4.4z" transform="translate(0 -6)" fill="#A3201A" />}
            {stops === 0 && decisions !== null && decisions > 0 && <path d="M0 -22l5 9h-10z" fill="#7A4E08" />}
            {stops === 0 && decisions === 0 && <circle cx="0" cy="-16" r="4.5" fill="#2A6147" />}
        </svg>
    );
}

function label(stops: number | null, decisions: number | null): string {
    if (stops === null) {
        return 'Boat without a plan';
    }
    return stops > 0 ? 'Boat with a stop' : (decisions ?? 0) > 0 ? 'Boat with something to decide' : 'Boat in order';
}

function outline(hull: string | null, l: number, b: number): string[] {
    const h = b / 2;
    if (hull === 'pontoon') {
        const tube = (x: number) => `M${x} 0 v${-(l - 6)} q${b * 0.11} -6 ${b * 0.22} 0 v${l - 6} z`;
        return [tube(-h), tube(h - b * 0.22), `M${-h + 1} -3 h${b - 2} v${-(l - 10)} h${-(b - 2)} z`];
    }
    if (hull === 'box') {
        return [`M${-h * 0.8} 0 h${h * 1.6} L${h} ${-l * 0.4} L${h * 0.55} ${-l} h${-h * 1.1} L${-h} ${-l * 0.4} z`];
    }
    const point = hull === 'aluminium' ? 0.16 : 0.05;
    const shell = (k: number) =>
        `M${-h * 0.86 * k} 0 H${h * 0.86 * k} C${h * 1.04 * k} ${-l * 0.3} ${h * 1.02 * k} ${-l * 0.62} ${h * point * k} ${-l * (0.5 + k / 2)} H${-h * point * k} C${-h * 1.02 * k} ${-l * 0.62} ${-h * 1.04 * k} ${-l * 0.3} ${-h * 0.86 * k} 0 Z`;
    return [shell(1), shell(0.86)];
}
