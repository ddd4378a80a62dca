import type { Layout } from '../../api/types';
import { BOW_RIGHT, ringPath } from '../boatGeometry';
import lines from '../lines.module.css';
import { type Answered, MountingFrame } from './MountingFrame';

interface Props extends Answered {
    place: Layout['places'][number];
    hull: Layout['hull'];
}

/** From above, bow to the right: the sensor, what it keeps free around it, and what lies near. */
export function HeadingSensorDrawing({ place, hull, ...frame }: Props) {
    const [x = 0, y = 0] = place.at ?? [(hull?.length_m ?? 4) / 2, 0];
    const clear = place.clear_m ?? 1;
    return (
        <MountingFrame {...frame} box={`${x - 1.95 * clear} ${-y - 1.5 * clear} ${3.9 * clear} ${3 * clear}`}>
            {hull !== null && (
                <>
                    <path d={ringPath(hull.shell, BOW_RIGHT)} className={lines.line} />
                    <path d={`M0 0H${hull.length_m}`} className={`${lines.line} ${lines.hair}`} strokeDasharray="10 4 2 4" />
                </>
            )}
            {place.disturbances.flatMap((disturbance) =>
                disturbance.lines.map((line, at) => {
                    const near = disturbance.distance_m !== null && disturbance.distance_m < clear;
                    const [[px = 0, py = 0] = []] = line;
                    return line.length === 1 ? (
                        <rect key={`${disturbance.label} ${at}`} x={px - 0.1} y={-py - 0.1} width={0.2} height={0.2} className={`${lines.solid} ${lines.hand}`} stroke={near ? 'var(--brick)' : undefined} strokeWidth="4" data-near={near || undefined} />
                    ) : (
                        <path key={`${disturbance.label} ${at}`} d={`M${line.map(([lx = 0, ly = 0]) => `${lx} ${-ly}`).join('L')}`} className={`${lines.line} ${near ? lines.stop : lines.copper}`} strokeWidth="4" data-near={near || undefined} />
                    );
                }),
            )}
            {place.at !== null && (
                <>
                    <circle cx={x} cy={-y} r={clear} className={`${lines.line} ${lines.decide}`} strokeDasharray="4 4" />
                    <path d={`M${x} ${-y - 0.14}l0.12 0.14l-0.12 0.14l-0.12 -0.14z`} className={lines.box} />
                </>
            )}
        </MountingFrame>
    );
}
