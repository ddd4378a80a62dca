import { type KeyboardEvent, type PointerEvent, useEffect, useRef } from 'react';

import type { Place } from '../boat/place';
import { useUnits } from '../units/units';
import lines from './lines.module.css';
import { type BoatView, inserted, nudged, placeInWords, round, type Spot } from './boatGeometry';

/** A bend of a way that is taken, or a straight piece of it that a new bend is drawn out of. */
export type BendHold = { kind: 'bend' | 'piece'; way: string; at: number };

interface Props {
    way: string;
    label: string;
    /** the corners of the way, ends included, as drawn just now */
    spots: Spot[];
    bends: Place[];
    view: BoatView;
    /** m to a pixel */
    pixel: number;
    /** px from the middle of what is pressed to its edge */
    reach: number;
    onHold: (what: BendHold) => (event: PointerEvent<SVGElement>) => void;
    onBend: (bends: (now: Place[]) => Place[]) => void;
}

/** The bends of the way in hand: each is dragged, moved by arrows or taken out; each straight piece takes another. */
export function WayBends({ way, label, spots, bends, view, pixel, reach, onHold, onBend }: Props) {
    const { system } = useUnits();
    const layer = useRef<SVGGElement>(null);
    // What has just been put in or taken out takes the focus along.
    const next = useRef<string | null>(null);
    useEffect(() => {
        if (next.current !== null) {
            layer.current?.querySelector<SVGElement>(next.current)?.focus();
            next.current = null;
        }
    }, [bends.length]);
    const middle = (at: number) => ({ x: ((spots[at]?.x ?? 0) + (spots[at + 1]?.x ?? 0)) / 2, y: ((spots[at]?.y ?? 0) + (spots[at + 1]?.y ?? 0)) / 2 });
    const add = (at: number) => (event: KeyboardEvent) => {
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            next.current = `[data-bend="${way}:${at}"]`;
            const { x_m, y_m } = view.placeOf(middle(at));
            onBend((now) => inserted(now, at, { x_m: round(x_m), y_m: round(y_m) }));
        }
    };
    const change = (at: number) => (event: KeyboardEvent) => {
        const to = nudged(event.key, view);
        if (to !== null) {
            event.preventDefault();
            onBend((now) => now.map((bend, which) => (which === at ? to(bend) : bend)));
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault();
            next.current = `[data-piece="${way}:${at}"]`;
            onBend((now) => now.filter((_, which) => which !== at));
        }
    };
    return (
        <g ref={layer}>
            {spots.slice(1).map((_, at) => (
                <g
                    key={`piece ${at}`}
                    className={`${lines.part} ${lines.grab}`}
                    data-piece={`${way}:${at}`}
                    role="button"
                    tabIndex={0}
                    aria-label={`${label}, piece ${at + 1}: Enter bends it`}
                    onKeyDown={add(at)}
                    onPointerDown={onHold({ kind: 'piece', way, at })}
                >
                    <Knob at={middle(at)} r={6 * pixel} reach={reach * pixel} className={`${lines.box} ${lines.hand}`} />
                </g>
            ))}
            {bends.map((bend, at) => (
                <g
                    key={`bend ${at}`}
                    className={`${lines.part} ${lines.grab}`}
                    data-bend={`${way}:${at}`}
                    role="button"
                    tabIndex={0}
                    aria-label={`${label}, bend ${at + 1}: ${placeInWords(bend, system)}. Arrows move it, Delete takes it out`}
                    onKeyDown={change(at)}
                    onPointerDown={onHold({ kind: 'bend', way, at })}
                >
                    <Knob at={spots[at + 1] ?? view.drawn(bend)} r={8 * pixel} reach={reach * pixel} className={`${lines.solid} ${lines.hand}`} stroke="var(--sheet)" />
                </g>
            ))}
        </g>
    );
}

/** What is seen, and about it the wider stretch that it is taken at. */
function Knob({ at, r, reach, className, stroke }: { at: Spot; r: number; reach: number; className: string; stroke?: string }) {
    return (
        <>
            <circle cx={at.x} cy={at.y} r={reach} className={lines.grasp} strokeWidth={r / 3} pointerEvents="all" />
            <circle cx={at.x} cy={at.y} r={r} className={className} stroke={stroke} strokeWidth={r / 4} />
        </>
    );
}
