import type { PlannedJob } from '../api/types';
import type { BoatView, Spot } from './boatGeometry';

type Station = NonNullable<NonNullable<PlannedJob['plan']['boat']>['stations']>[number];

/** Where vapour can gather. */
const isFlammable = (station: Station) => station.kind === 'engine' || station.petrol_vapour === true;

/** What a compartment is inside, to scale, with the side that its lid is hinged at; hatched where vapour can gather. */
export function CompartmentOutline({ station, at, pixel, view }: { station: Station; at: Spot; pixel: number; view: BoatView }) {
    const [long = 0, wide = 0] = station.inside_mm ?? [];
    const { width, height } = long === 0 ? view.across(0.5, 0.4) : view.across(long / 1000, wide / 1000);
    if (long === 0 && !isFlammable(station)) {
        return null;
    }
    const [left, top] = [at.x - width / 2, at.y - height / 2];
    const hinge = sideOf(station.lid ?? 'none', view, `M${left + width} ${top}v${height}`, `M${left} ${top}v${height}`, `M${left} ${top}h${width}`, `M${left} ${top + height}h${width}`);
    return (
        <g>
            <rect x={left} y={top} width={width} height={height} stroke="var(--ink-soft)" strokeWidth={pixel} fill={isFlammable(station) ? 'url(#vapour)' : 'none'} />
            {hinge !== undefined && <path d={hinge} stroke="var(--ink-soft)" strokeWidth={4 * pixel} />}
        </g>
    );
}

/** That side of a box which a lid is hinged at, of those at its right, left, upper and lower edge. */
function sideOf(lid: NonNullable<Station['lid']>, view: BoatView, right: string, left: string, upper: string, lower: string): string | undefined {
    return (view.bow === 'right' ? { forward: right, aft: left, port: upper, starboard: lower, none: undefined } : { forward: upper, aft: lower, port: left, starboard: right, none: undefined })[lid];
}
