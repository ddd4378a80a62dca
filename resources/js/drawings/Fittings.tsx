import type { KeyboardEvent, PointerEvent } from 'react';

import type { Layout } from '../api/types';
import type { Place } from '../boat/place';
import { useUnits } from '../units/units';
import lines from './lines.module.css';
import { drawn, nudged, placeInWords } from './boatGeometry';
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
    /** m to a pixel */
    pixel: number;
    /** the device in the hand, and where it is */
    held: { on: string; at: Place } | null;
    /** where a station is drawn just now, and the side of it that its name leaves free: 1 below, −1 above */
    stationOf: (id: string) => { x: number; y: number; free: 1 | -1 } | undefined;
    /** null: nothing can be changed */
    acts: { hold: (what: FittingHold) => (event: PointerEvent<SVGElement>) => void; place: (on: string, to: (now: Place) => Place) => void } | null;
}

/** signs that stand in one row beside their station, and px from one to the next */
const [ROW, STEP] = [4, 25];
/** px from a station to the first row beside it */
const BESIDE = 22;

/** Batteries to scale where they stand; devices and fuse blocks as signs, at their own place or in rows beside their station. */
export function Fittings({ fittings, chosen, onChoose, pixel, held, stationOf, acts }: Props) {
    const { system } = useUnits();
    const rows = new Map<string, Fitting[]>();
    for (const fitting of fittings) {
        if (fitting.size_m === null && !fitting.own_place && fitting.station !== null) {
            rows.set(fitting.station, [...(rows.get(fitting.station) ?? []), fitting]);
        }
    }
    const spotOf = (fitting: Fitting): { x: number; y: number } => {
        if (held?.on === fitting.on) {
            return drawn(held.at);
        }
        const row = fitting.station === null ? undefined : rows.get(fitting.station);
        const which = row?.indexOf(fitting) ?? -1;
        const station = fitting.station === null ? undefined : stationOf(fitting.station);
        if (row === undefined || which < 0 || station === undefined) {
            return placeOf(fitting);
        }
        const inRow = Math.min(ROW, row.length - ROW * Math.floor(which / ROW));
        return { x: station.x + ((which % ROW) - (inRow - 1) / 2) * STEP * pixel, y: station.y + station.free * (BESIDE + STEP * Math.floor(which / ROW)) * pixel };
    };
    const nudge = (on: string) => (event: KeyboardEvent) => {
        const to = nudged(event.key);
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
                    return <BatteryOutline key={fitting.on} fitting={fitting} pixel={pixel} />;
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
                        <circle r={12 * pixel} strokeWidth={2.5 * pixel} className={lines.grasp} pointerEvents="all" />
                        <FittingSign kind={fitting.kind} pixel={pixel} className={`${lines.box} ${lines.even} ${chosen === fitting.on ? lines.hand : ''}`} width={chosen === fitting.on ? 2.5 : 1.5} />
                        {(chosen === fitting.on || held?.on === fitting.on) && (
                            <text y={-14 * pixel} fontSize={14 * pixel} textAnchor="middle" className={`${lines.name} ${lines.edged}`} strokeWidth={4 * pixel} aria-hidden="true">
                                {fitting.label}
                            </text>
                        )}
                    </g>
                );
            })}
        </>
    );
}

function BatteryOutline({ fitting, pixel }: { fitting: Fitting; pixel: number }) {
    const [long = 0, wide = 0] = fitting.size_m ?? [];
    const { x, y } = placeOf(fitting);
    return (
        <g data-fitting={fitting.on}>
            <title>{fitting.label}</title>
            <rect x={x - long / 2} y={y - wide / 2} width={long} height={wide} className={`${lines.ground} ${lines.soft}`} strokeWidth={pixel} />
        </g>
    );
}

function placeOf({ at: [x = 0, y = 0] }: Fitting): { x: number; y: number } {
    return drawn({ x_m: x, y_m: y });
}
