import type { KeyboardEvent, PointerEvent } from 'react';

import type { Layout } from '../api/types';
import type { Place } from '../boat/place';
import { useUnits } from '../units/units';
import lines from './lines.module.css';
import { type BoatView, nudged, placeInWords, type Spot } from './boatGeometry';
import { FittingSign } from './FittingSign';

type Fitting = Layout['fittings'][number];

export interface FittingHold {
    kind: 'fitting';
    on: string;
}

interface Props {
    fittings: Fitting[];
    chosen: string;
    onChoose: (on: string) => void;
    view: BoatView;
    /** m to a pixel */
    pixel: number;
    /** px from the middle of what is pressed to its edge */
    reach: number;
    /** what is drawn across, m: nothing stands beyond it */
    room: { left: number; right: number };
    /** the device in the hand, and where it is */
    held: { on: string; at: Place } | null;
    /** where a station is drawn just now, and the side of it that its name leaves free: 1 below, −1 above */
    stationOf: (id: string) => (Spot & { free: 1 | -1 }) | undefined;
    /** null: nothing can be changed */
    acts: { hold: (what: FittingHold) => (event: PointerEvent<SVGElement>) => void; place: (on: string, to: (now: Place) => Place) => void } | null;
}

/** signs that stand in one row beside their station */
const ROW = 4;
/** px that a sign is pressed at, on either side of its middle, where it is as large as it is drawn */
const SIGN = 12;

/** Batteries to scale where they stand; devices and fuse blocks as signs, at their own place or in rows beside their station. */
export function Fittings({ fittings, chosen, onChoose, view, pixel, reach, room, held, stationOf, acts }: Props) {
    const { system } = useUnits();
    // From one to the next, and from a station to the first row beside it: none is pressed for another.
    const step = (2 * reach + 1) * pixel;
    const beside = (reach + 10) * pixel;
    // A finger asks for more room; the sign grows with it, though less.
    const sign = pixel * Math.max(1, Math.sqrt(reach / SIGN));
    const rows = new Map<string, Fitting[]>();
    for (const fitting of fittings) {
        if (fitting.size_m === null && !fitting.own_place && fitting.station !== null) {
            rows.set(fitting.station, [...(rows.get(fitting.station) ?? []), fitting]);
        }
    }
    const spotOf = (fitting: Fitting): Spot => {
        if (held?.on === fitting.on) {
            return view.drawn(held.at);
        }
        const row = fitting.station === null ? undefined : rows.get(fitting.station);
        const which = row?.indexOf(fitting) ?? -1;
        const station = fitting.station === null ? undefined : stationOf(fitting.station);
        if (row === undefined || which < 0 || station === undefined) {
            return placeOf(fitting, view);
        }
        const inRow = Math.min(ROW, row.length - ROW * Math.floor(which / ROW));
        const half = ((inRow - 1) / 2) * step;
        const edge = half + reach * pixel;
        const middle = Math.min(Math.max(station.x, room.left + edge), room.right - edge);
        return { x: middle + (which % ROW) * step - half, y: station.y + station.free * (beside + step * Math.floor(which / ROW)) };
    };
    const nudge = (on: string) => (event: KeyboardEvent) => {
        const to = nudged(event.key, view);
        if (to !== null && acts !== null) {
            event.preventDefault();
            acts.place(on, to);
        } else if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onChoose(on);
        }
    };
    return (
        <>
            {fittings.map((fitting) => {
                const { x, y } = spotOf(fitting);
                if (fitting.size_m !== null) {
                    return <BatteryOutline key={fitting.on} fitting={fitting} view={view} pixel={pixel} />;
                }
                const moves = acts !== null && fitting.kind !== 'block';
                const place = fitting.own_place ? placeInWords({ x_m: fitting.at[0] ?? 0, y_m: fitting.at[1] ?? 0 }, system) : 'at its station';
                return (
                    <g
                        key={fitting.on}
                        data-fitting={fitting.on}
                        className={`${lines.part} ${lines.grab}`}
                        transform={`translate(${x} ${y})`}
                        role="button"
                        tabIndex={0}
                        aria-label={`${fitting.label}: ${place}${moves ? '. Arrows move it' : ''}`}
                        onClick={() => onChoose(fitting.on)}
                        onKeyDown={moves ? nudge(fitting.on) : undefined}
                        onPointerDown={moves ? acts.hold({ kind: 'fitting', on: fitting.on }) : undefined}
                    >
                        <title>{fitting.label}</title>
                        <circle r={reach * pixel} strokeWidth={2.5 * pixel} className={lines.grasp} pointerEvents="all" />
                        <FittingSign kind={fitting.kind} pixel={sign} className={`${lines.box} ${lines.even} ${chosen === fitting.on ? lines.hand : ''}`} width={chosen === fitting.on ? 2.5 : 1.5} />
                        {(chosen === fitting.on || held?.on === fitting.on) && (
                            <text y={-(reach + 2) * pixel} fontSize={14 * pixel} textAnchor="middle" className={`${lines.name} ${lines.edged}`} strokeWidth={4 * pixel} aria-hidden="true">
                                {fitting.label}
                            </text>
                        )}
                    </g>
                );
            })}
        </>
    );
}

function BatteryOutline({ fitting, view, pixel }: { fitting: Fitting; view: BoatView; pixel: number }) {
    const [long = 0, wide = 0] = fitting.size_m ?? [];
    const { width, height } = view.across(long, wide);
    const { x, y } = placeOf(fitting, view);
    return (
        <g data-fitting={fitting.on}>
            <title>{fitting.label}</title>
            <rect x={x - width / 2} y={y - height / 2} width={width} height={height} className={`${lines.ground} ${lines.soft}`} strokeWidth={pixel} />
        </g>
    );
}

function placeOf({ at: [x_m = 0, y_m = 0] }: Fitting, view: BoatView): Spot {
    return view.drawn({ x_m, y_m });
}
