import type { PlannedJob, Rig } from '../api/types';
import { BOW_UP, ringPath } from '../drawings/boatGeometry';
import lines from '../drawings/lines.module.css';
import { stationName } from '../boat/stationName';

/** m around the hull */
const AROUND = 0.25;

/**
 * Where the work is, on the boat from above, turned as one kneels there: in her forward half one looks forward, in her after half
 * aft.
 */
export function SpotOnBoat({ job, rig, at }: { job: PlannedJob; rig: Rig; at: string }) {
    const station = job.plan.boat?.stations?.find((one) => one.id === at);
    const { hull } = rig;
    if (station === undefined || hull === null) {
        return null;
    }
    const isForward = station.x_m > hull.length_m / 2;
    const [width, height] = [hull.beam_m + 2 * AROUND, hull.length_m + 2 * AROUND];
    const bow = BOW_UP.drawn({ x_m: hull.length_m, y_m: hull.beam_m / 2 });
    const [left, top] = [bow.x - AROUND, bow.y - AROUND];
    const spot = BOW_UP.drawn(station);
    const name = stationName(job, at);
    return (
        <figure style={{ margin: 0 }}>
            <svg viewBox={`${left} ${top} ${width} ${height}`} style={{ display: 'block', width: '100%', maxHeight: 'min(38vh, 300px)' }} role="img" aria-label={`${name}, on the boat from above, turned as you look ${isForward ? 'forward' : 'aft'}`}>
                <g transform={isForward ? undefined : `rotate(180 ${left + width / 2} ${top + height / 2})`}>
                    <path d={ringPath(hull.shell, BOW_UP)} className={`${lines.box} ${lines.even}`} strokeWidth="2" />
                    {hull.inner.map((ring, number) => (
                        <path key={number} d={ringPath(ring, BOW_UP)} className={`${lines.line} ${lines.hair} ${lines.even}`} strokeWidth="1" />
                    ))}
                    {(job.plan.boat?.stations ?? []).map((other) => {
                        const there = BOW_UP.drawn(other);
                        return other.id === at ? null : <circle key={other.id} cx={there.x} cy={there.y} r={width / 60} className={lines.hair} />;
                    })}
                    <circle cx={spot.x} cy={spot.y} r={width / 9} className={`${lines.line} ${lines.hand} ${lines.even}`} strokeWidth="3" />
                    <circle cx={spot.x} cy={spot.y} r={width / 30} className={`${lines.solid} ${lines.hand}`} />
                </g>
            </svg>
            <figcaption>
                {name}, as you look {isForward ? 'forward' : 'aft'}
            </figcaption>
        </figure>
    );
}
