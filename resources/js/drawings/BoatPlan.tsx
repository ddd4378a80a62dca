import { type KeyboardEvent, useRef } from 'react';

import type { Layout, PatchStep, PlannedJob } from '../api/types';
import type { Place } from '../boat/place';
import { stationName } from '../boat/stationName';
import { useNarrow, useUpright } from '../look/useNarrow';
import { length, useUnits } from '../units/units';
import lines from './lines.module.css';
import { BOW_RIGHT, BOW_UP, inserted, nudged, pathThrough, placeInWords, ringPath, snapped, type Spot } from './boatGeometry';
import { CompartmentOutline } from './CompartmentOutline';
import { type FittingHold, Fittings } from './Fittings';
import { labelPlaces } from './labelPlaces';
import { TubeFromAbove } from './TubeFromAbove';
import { Loupe } from './Loupe';
import { type Held, useDrag } from './useDrag';
import { useTold } from './useTold';
import { useSize } from './useSize';
import { type BendHold, WayBends } from './WayBends';
import { useZoom } from './ZoomPane';

type Station = NonNullable<NonNullable<PlannedJob['plan']['boat']>['stations']>[number];
type Way = NonNullable<NonNullable<PlannedJob['plan']['boat']>['ways']>[number];

/** What is done on the plan by hand, told from where things are when its turn comes; each has its line in the list of places as well. */
export interface PlanActs {
    move: (station: string, to: (now: Place) => Place) => void;
    bend: (way: string, bends: (now: Place[]) => Place[]) => void;
    /** a device at a place of its own */
    place: (on: string, to: (now: Place) => Place) => void;
    /** a device at a station, and nowhere else */
    seat: (on: string, station: string) => void;
}

interface Props {
    job: PlannedJob;
    layout: Layout;
    /** ways that a run takes */
    lit: string[];
    /** the station, way or device in hand, as "station:stern" */
    chosen: string;
    onChoose: (on: string) => void;
    /** null: nothing can be changed */
    acts: PlanActs | null;
    /** what letting go of what is in the hand would change; null: nothing is */
    onDraft: (draft: PatchStep | null) => void;
    /** the plan as it would then be */
    drafted: PlannedJob['plan'] | null;
}

type Thing = { kind: 'station'; id: string } | BendHold | FittingHold;

/** px that a thing in the hand strays without being moved */
const STRAY = 3;

/** px: a device let go nearer than this to a station belongs to it again */
const AT_STATION = 14;

/** Around the hull, m: at the right for names; a phone's width is for the hull */
const AROUND = { right: { left: 0.5, right: 0.7, upper: 0.4, lower: 0.4 }, up: { left: 0.2, right: 0.2, upper: 0.5, lower: 0.5 } };

/** % of the page's height that she takes at most where she fits, so that all of her is seen at once */
const HIGHEST = 85;

/** px from the middle of what is pressed to its edge: for a mouse (stations, devices, bends), and for a finger */
const MOUSE = { station: 15, fitting: 12, bend: 12, way: 18 };
const FINGER = { station: 22.5, fitting: 22.5, bend: 22.5, way: 45 };

/** The boat from above, to scale, bow to the right, on a phone bow up: stations and ways, compartments with their lids, what a run takes. */
export function BoatPlan({ job, layout, lit, chosen, onChoose, acts, onDraft, drafted }: Props) {
    const { system } = useUnits();
    const svg = useRef<SVGSVGElement>(null);
    const zoom = useZoom();
    const size = useSize(svg, { width: 1000, height: 320 });
    const stations = job.plan.boat?.stations ?? [];
    const ways = job.plan.boat?.ways ?? [];
    const hull = layout.hull;
    const xs = [0, hull?.length_m ?? 1, ...stations.map((station) => station.x_m)];
    const half = Math.max((hull?.beam_m ?? 1) / 2, ...stations.map((station) => Math.abs(station.y_m)));
    const view = useUpright() ? BOW_UP : BOW_RIGHT;
    const reach = useNarrow() ? FINGER : MOUSE;
    const frame = framed([view.drawn({ x_m: Math.min(...xs), y_m: half }), view.drawn({ x_m: Math.max(...xs), y_m: -half })], AROUND[view.bow]);
    // Metres to a pixel: words and handles keep their size on the screen.
    const pixel = Math.max(frame.width / size.width, frame.height / size.height);
    const stationUnder = (at: Spot) => {
        const { x_m, y_m } = view.placeOf(at);
        return stations.find((station) => Math.hypot(station.x_m - x_m, station.y_m - y_m) < AT_STATION * pixel);
    };
    const isMoved = ({ from, at }: Pick<Held<Thing>, 'from' | 'at'>) => Math.hypot(at.x - from.x, at.y - from.y) >= STRAY * pixel;
    const { held: inHandNow, hold } = useDrag<Thing>(svg, ({ what, from, at }) => {
        if (!isMoved({ from, at })) {
            return;
        }
        const to = snapped(view.placeOf(at), hull);
        if (what.kind === 'station') {
            acts?.move(what.id, () => to);
        } else if (what.kind === 'fitting') {
            const station = stationUnder(at);
            if (station === undefined) {
                acts?.place(what.on, () => to);
            } else {
                acts?.seat(what.on, station.id);
            }
        } else {
            acts?.bend(what.way, (now) => withBend(now, what, to));
        }
    });
    const held = inHandNow !== null && isMoved(inHandNow) ? inHandNow : null;
    const drafting = held?.what.kind === 'station' ? held.what.id : '';
    const draft = held === null ? null : snapped(view.placeOf(held.at), hull);
    const carried = held?.what.kind === 'fitting' && draft !== null ? { on: held.what.on, at: draft } : null;
    const step = held === null || draft === null ? null : stepOf(held.what, draft, stationUnder(held.at)?.id);
    useTold(step, onDraft);
    const placeOf = (station: Station): Spot => view.drawn(draft !== null && drafting === station.id ? draft : station);
    const spotAt = ([x_m = 0, y_m = 0]: number[]) => view.drawn({ x_m, y_m });
    const find = (id: string) => stations.find((station) => station.id === id);
    const named = (id: string) => stationName(job, id);
    const labelOf = (way: Way) => `Way from ${named(way.from)} to ${named(way.to)}`;
    // Her starboard side has its names below, so that both sides keep clear of her middle; on a phone her stern half has.
    const isNamedBelow = (station: Station) => (view.bow === 'right' ? station.y_m < 0 : station.x_m < (hull?.length_m ?? 0) / 2);
    const names = labelPlaces(stations.map((station) => ({ x: placeOf(station).x / pixel, y: placeOf(station).y / pixel, words: named(station.id), below: isNamedBelow(station) })), { left: frame.x / pixel, right: (frame.x + frame.width) / pixel });
    const inHand = acts === null ? undefined : ways.find((way) => chosen === `way:${way.id}`);
    const spotsOf = (way: Way) => {
        const [from, to] = [find(way.from), find(way.to)];
        const bends = way.bends_m ?? [];
        const now = held === null || draft === null || held.what.kind === 'station' || held.what.kind === 'fitting' || held.what.way !== way.id ? bends : withBend(bends, held.what, draft);
        return from === undefined || to === undefined ? [] : [placeOf(from), ...now.map(view.drawn), placeOf(to)];
    };
    const nudge = (station: Station) => (event: KeyboardEvent) => {
        const to = nudged(event.key, view);
        if (to !== null && acts !== null) {
            event.preventDefault();
            acts.move(station.id, to);
        }
    };
    // Batteries go along with their station while it is in the hand; signs stand beside it anyway.
    const along = (fitting: Layout['fittings'][number]) => {
        const station = fitting.size_m === null || fitting.station !== drafting ? undefined : find(drafting);
        const [x = 0, y = 0] = fitting.at;
        return station === undefined || draft === null ? fitting : { ...fitting, at: [x + draft.x_m - station.x_m, y + draft.y_m - station.y_m] };
    };
    const fitted = (fittings: Layout['fittings']) => ({
        fittings: fittings.map(along),
        chosen,
        onChoose,
        view,
        pixel,
        reach: reach.fitting,
        room: { left: frame.x, right: frame.x + frame.width },
        held: carried,
        stationOf: (id: string) => {
            const station = find(id);
            return station === undefined ? undefined : { ...placeOf(station), free: isNamedBelow(station) ? (-1 as const) : (1 as const) };
        },
        acts: acts === null ? null : { hold, place: acts.place },
    });
    return (
        <svg ref={svg} viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`} className={`${lines.whole} ${lines.onSheet}`} style={view.bow === 'up' ? { maxHeight: `${HIGHEST * zoom}vh` } : undefined} role="group" aria-label={`Boat plan from above, bow ${view.bow === 'up' ? 'up' : 'to the right'}: the places below are the same as a list`}>
            <defs>
                <pattern id="vapour" width={12 * pixel} height={12 * pixel} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <rect width={3 * pixel} height={12 * pixel} fill="var(--ochre)" opacity="0.35" />
                </pattern>
            </defs>
            {hull !== null && (
                <>
                    <path d={ringPath(hull.shell, view)} className={`${lines.box} ${lines.even}`} strokeWidth="2" />
                    {hull.inner.map((ring, at) => (
                        <path key={at} d={ringPath(ring, view)} className={`${lines.line} ${lines.hair} ${lines.even}`} strokeWidth="1" />
                    ))}
                    <path d={pathThrough([view.drawn({ x_m: 0, y_m: 0 }), view.drawn({ x_m: hull.length_m, y_m: 0 })])} className={`${lines.line} ${lines.hair} ${lines.even}`} strokeWidth="1" strokeDasharray="12 4 2 4" />
                </>
            )}
            {stations.map((station) => (
                <CompartmentOutline key={station.id} station={station} at={placeOf(station)} pixel={pixel} view={view} />
            ))}
            <Fittings {...fitted(layout.fittings.filter((fitting) => fitting.size_m !== null))} />
            {ways.map((way) => {
                const spots = spotsOf(way);
                const d = pathThrough(spots);
                const facts = layout.ways.find((one) => one.id === way.id);
                const on = `way:${way.id}`;
                return (
                    <g key={way.id} data-way={way.id} data-lit={lit.includes(way.id) || undefined} className={chosen === on ? lines.hand : lit.includes(way.id) ? lines.copper : lines.soft} onClick={() => onChoose(on)}>
                        {way.kind === 'tube' ? (
                            <TubeFromAbove d={d} pixel={pixel} bore={facts?.bore ?? null} isLit={lit.includes(way.id)} spots={spots} />
                        ) : (
                            <path d={d} className={lines.line} strokeLinejoin="round" data-kind={way.kind} strokeWidth={(lit.includes(way.id) ? 4.5 : 2) * pixel} strokeDasharray={lit.includes(way.id) ? undefined : way.kind === 'open' ? `${7 * pixel} ${5 * pixel}` : way.kind === 'gunwale' ? `${2 * pixel} ${4 * pixel}` : undefined} />
                        )}
                        <g
                            className={lines.part}
                            role="button"
                            tabIndex={0}
                            aria-pressed={chosen === on}
                            aria-label={`${labelOf(way)}, ${length(way.length_m, system)}${acts === null ? '' : '. Enter takes it, to bend it'}`}
                            onKeyDown={(event) => {
                                if (event.key === 'Enter' || event.key === ' ') {
                                    event.preventDefault();
                                    onChoose(on);
                                }
                            }}
                        >
                            <path d={d} className={lines.grasp} strokeWidth={reach.way * pixel} />
                            <path d={d} className={lines.glow} strokeWidth={MOUSE.way * pixel} />
                        </g>
                        {drafted !== null && lengthIn(drafted, way.id) !== way.length_m && spots[0] !== undefined && (
                            <text x={(spots[0].x + (spots.at(-1)?.x ?? 0)) / 2} y={(spots[0].y + (spots.at(-1)?.y ?? 0)) / 2} fontSize={16 * pixel} textAnchor="middle" className={`${lines.figure} ${lines.hand} ${lines.edged}`} strokeWidth={5 * pixel} data-figure="draft-length">
                                {length(lengthIn(drafted, way.id), system)}
                            </text>
                        )}
                    </g>
                );
            })}
            {layout.compass !== null && (
                <g data-compass="" transform={`translate(${spotAt(layout.compass.at).x} ${spotAt(layout.compass.at).y})`}>
                    <title>steering compass</title>
                    <circle r={layout.compass.clear_m} className={`${lines.line} ${lines.good}`} pointerEvents="none" strokeWidth={1.5 * pixel} strokeDasharray={`${2 * pixel} ${5 * pixel}`} />
                    <path d="M8 0A8 8 0 1 1 -8 0A8 8 0 1 1 8 0ZM0 -8V8M-8 0H8" transform={`scale(${pixel})`} vectorEffect="non-scaling-stroke" className={`${lines.box} ${lines.even}`} strokeWidth="1.5" />
                </g>
            )}
            {layout.places.map((place) => {
                const at = carried?.on === place.on ? view.drawn(carried.at) : place.at === null ? null : spotAt(place.at);
                return at === null || place.clear_m === null ? null : (
                    <circle key={place.on} data-sensor={place.on} cx={at.x} cy={at.y} r={place.clear_m} className={`${lines.line} ${place.good === false ? lines.stop : lines.good}`} pointerEvents="none" strokeWidth={1.5 * pixel} strokeDasharray={`${5 * pixel} ${5 * pixel}`} data-good={place.good ?? undefined} />
                );
            })}
            {stations.map((station, index) => {
                const at = placeOf(station);
                const on = `station:${station.id}`;
                const name = named(station.id);
                const { anchor, dx, dy } = names[index] ?? { anchor: 'middle', dx: 0, dy: 0 };
                const aboard = layout.stations.find((one) => one.id === station.id)?.aboard !== false;
                return (
                    <g
                        key={station.id}
                        data-station={station.id}
                        className={`${lines.part} ${lines.grab}`}
                        role="button"
                        tabIndex={0}
                        aria-label={`${name}: ${placeInWords(station, system)}${aboard ? '' : ', outside the hull'}${acts === null ? '' : '. Arrows move it'}`}
                        onClick={() => onChoose(on)}
                        onKeyDown={nudge(station)}
                        onPointerDown={acts === null ? undefined : hold({ kind: 'station', id: station.id })}
                    >
                        <circle cx={at.x} cy={at.y} r={reach.station * pixel} strokeWidth={2.5 * pixel} className={lines.grasp} pointerEvents="all" />
                        <rect x={at.x - 6 * pixel} y={at.y - 6 * pixel} width={12 * pixel} height={12 * pixel} className={chosen === on ? `${lines.solid} ${lines.hand}` : `${lines.box} ${aboard ? '' : lines.decide}`} strokeWidth={1.5 * pixel} data-aboard={aboard} />
                        <text x={at.x + dx * pixel} y={at.y + dy * pixel} fontSize={14 * pixel} textAnchor={anchor} className={`${lines.name} ${lines.edged}`} strokeWidth={4 * pixel} aria-hidden="true">
                            {name}
                        </text>
                    </g>
                );
            })}
            <Fittings {...fitted(layout.fittings.filter((fitting) => fitting.size_m === null))} />
            {inHand !== undefined && acts !== null && (
                <WayBends key={inHand.id} way={inHand.id} label={labelOf(inHand)} spots={spotsOf(inHand)} bends={inHand.bends_m ?? []} view={view} pixel={pixel} reach={reach.bend} onHold={hold} onBend={(bends) => acts.bend(inHand.id, bends)} />
            )}
            <text x={frame.x + 8 * pixel} y={frame.y + 16 * pixel} fontSize={13 * pixel} className={`${lines.text} ${lines.soft}`}>
                port
            </text>
            <text {...(view.bow === 'up' ? { x: frame.x + frame.width - 8 * pixel, y: frame.y + 16 * pixel, textAnchor: 'end' } : { x: frame.x + 8 * pixel, y: frame.y + frame.height - 8 * pixel })} fontSize={13 * pixel} className={`${lines.text} ${lines.soft}`}>
                starboard
            </text>
            <Loupe svg={svg} held={inHandNow} />
        </svg>
    );
}

/** The box of a drawing about two corners of the boat. */
function framed([one, other]: [Spot, Spot], around: { left: number; right: number; upper: number; lower: number }) {
    const [left, top] = [Math.min(one.x, other.x) - around.left, Math.min(one.y, other.y) - around.upper];
    return { x: left, y: top, width: Math.max(one.x, other.x) + around.right - left, height: Math.max(one.y, other.y) + around.lower - top };
}

/** What letting go would change; null: the bends of a way, which are drawn and not judged. */
function stepOf(what: Thing, to: Place, station: string | undefined): PatchStep | null {
    return what.kind === 'station' ? { on: `station:${what.id}`, set: { ...to } } : what.kind !== 'fitting' ? null : station === undefined ? { on: what.on, set: { at_m: to } } : { on: what.on, set: { station }, unset: ['at_m'] };
}

function lengthIn(plan: PlannedJob['plan'], way: string): number | undefined {
    return plan.boat?.ways?.find((one) => one.id === way)?.length_m;
}

/** The bends of a way once one is moved, or a new one drawn out of a straight piece. */
function withBend(bends: Place[], { kind, at }: BendHold, to: Place): Place[] {
    return kind === 'piece' ? inserted(bends, at, to) : bends.map((bend, which) => (which === at ? to : bend));
}
