import { type KeyboardEvent, type PointerEvent, useEffect, useRef } from 'react';

import type { Place } from '../boat/place';
import { useUnits } from '../units/units';
import lines from './lines.module.css';
import { drawn, inserted, nudged, placeInWords, round } from './boatGeometry';

/** A bend of a way that is taken, or a straight piece of it that a new bend is drawn out of. */
export type BendHold = { kind: 'bend' | 'piece'; way: string; at: number };

interface Props {
    way: string;
    label: string;
    /** the corners of the way, ends included, as drawn just now */
    spots: { x: number; y: number }[];
    bends: Place[];
    /** m to a pixel */
    pixel: number;
    onHold: (what: BendHold) => (event: PointerEvent<SVGElement>) => void;
    onBend: (bends: (now: Place[]) => Place[]) => void;
}

/** The bends of the way in hand: each is dragged, moved by arrows or taken out; each straight piece takes another. */
export function WayBends({ way, label, spots, bends, pixel, onHold, onBend }: Props) {
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
            onBend((now) => inserted(now, at, { x_m: round(middle(at).x), y_m: round(-middle(at).y) }));
        }
    };
    const change = (at: number) => (event: KeyboardEvent) => {
        const to = nudged(event.key);
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
                <circle
                    key={`piece ${at}`}
                    cx={middle(at).x}
                    cy={middle(at).y}
                    r={6 * pixel}
                    strokeWidth={1.5 * pixel}
                    className={`${lines.box} ${lines.hand} ${lines.handle}`}
                    data-piece={`${way}:${at}`}
                    role="button"
                    tabIndex={0}
                    aria-label={`${label}, piece ${at + 1}: Enter bends it`}
                    onKeyDown={add(at)}
                    onPointerDown={onHold({ kind: 'piece', way, at })}
                />
            ))}
            {bends.map((bend, at) => (
                <circle
                    key={`bend ${at}`}
                    cx={spots[at + 1]?.x ?? drawn(bend).x}
                    cy={spots[at + 1]?.y ?? drawn(bend).y}
                    r={8 * pixel}
                    strokeWidth={2 * pixel}
                    className={`${lines.solid} ${lines.hand} ${lines.handle}`}
                    stroke="var(--sheet)"
                    data-bend={`${way}:${at}`}
                    role="button"
                    tabIndex={0}
                    aria-label={`${label}, bend ${at + 1}: ${placeInWords(bend, system)}. Arrows move it, Delete takes it out`}
                    onKeyDown={change(at)}
                    onPointerDown={onHold({ kind: 'bend', way, at })}
                />
            ))}
        </g>
    );
}
