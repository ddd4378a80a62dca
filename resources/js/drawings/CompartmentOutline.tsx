import type { PlannedJob } from '../api/types';

type Station = NonNullable<NonNullable<PlannedJob['plan']['boat']>['stations']>[number];

/** Where vapour can gather. */
const isFlammable = (station: Station) => station.kind === 'engine' || station.petrol_vapour === true;

/** What a compartment is inside, to scale, with the side that its lid is hinged at; hatched where vapour can gather. */
export function CompartmentOutline({ station, at, pixel }: { station: Station; at: { x: number; y: number }; pixel: number }) {
    const [long = 0, wide = 0] = station.inside_mm ?? [];
    const [width, height] = long === 0 ? [0.5, 0.4] : [long / 1000, wide / 1000];
    if (long === 0 && !isFlammable(station)) {
        return null;
    }
    const [left, top] = [at.x - width / 2, at.y - height / 2];
    const hinge = { forward: `M${left + width} ${top}v${height}`, aft: `M${left} ${top}v${height}`, port: `M${left} ${top}h${width}`, starboard: `M${left} ${top + height}h${width}`, none: undefined }[station.lid ?? 'none'];
    return (
        <g>
            <rect x={left} y={top} width={width} height={height} stroke="var(--ink-soft)" strokeWidth={pixel} fill={isFlammable(station) ? 'url(#vapour)' : 'none'} />
            {hinge !== undefined && <path d={hinge} stroke="var(--ink-soft)" strokeWidth={4 * pixel} />}
        </g>
    );
}
