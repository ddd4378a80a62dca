interface Props {
    /** outline and what is drawn within it: metres forward of the transom and to port */
    rings: number[][][];
    stops: number | null;
    decisions: number | null;
}

/** Metres across the drawing: every boat in the shed has the same scale. */
const FLOOR_LENGTH = 8;
const FLOOR_BEAM = 4;

/** A boat from above, bow up, drawn to scale. */
export function HullOutline({ rings, stops, decisions }: Props) {
    return (
        <svg viewBox={`${-FLOOR_BEAM * 5} ${-FLOOR_LENGTH * 10} ${FLOOR_BEAM * 10} ${FLOOR_LENGTH * 10}`} height="240" role="img" aria-label={label(stops, decisions)}>
            <g fill="var(--sheet)" stroke="var(--ink)" strokeWidth="0.5">
                {rings.map((ring, at) => (
                    <path key={at} d={`M${ring.map(([x = 0, y = 0]) => `${(-10 * y).toFixed(1)} ${(-10 * x).toFixed(1)}`).join('L')}Z`} />
                ))}
            </g>
            {stops !== null && stops > 0 && <path d="M-2.2 -14.4h4.4l3 3v4.4l-3 3h-4.4l-3 -3v-4.4z" transform="translate(0 -6)" fill="var(--brick)" />}
            {stops === 0 && decisions !== null && decisions > 0 && <path d="M0 -22l5 9h-10z" fill="var(--ochre)" />}
            {stops === 0 && decisions === 0 && <circle cx="0" cy="-16" r="4.5" fill="var(--moss)" />}
        </svg>
    );
}

function label(stops: number | null, decisions: number | null): string {
    if (stops === null) {
        return 'Boat without a plan';
    }
    return stops > 0 ? 'Boat with a stop' : (decisions ?? 0) > 0 ? 'Boat with something to decide' : 'Boat in order';
}
