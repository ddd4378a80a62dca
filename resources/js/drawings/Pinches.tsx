import { usePinch } from '@use-gesture/react';
import type { RefObject } from 'react';

interface Props {
    /** the room of the drawing */
    room: RefObject<HTMLDivElement | null>;
    /** how many times its room the drawing is wide and high, and the most that it may be */
    zoom: number;
    most: number;
    /** what lies at a place of the room, px */
    lyingAt: (left: number, top: number) => { x: number; y: number };
    /** it is to lie there once the drawing is so large */
    hold: (what: { x: number; y: number }, left: number, top: number, zoom: number) => void;
}

/** Two fingers on a drawing: what lay between them when they came down stays between them. A script of its own: no first sight waits for it. */
export function Pinches({ room, zoom, most, lyingAt, hold }: Props) {
    usePinch(
        // Apart they make it larger, together they draw it along.
        ({ event, first, offset: [scale], origin: [x, y], memo }) => {
            // Else the browser takes two fingers that move together for one that scrolls the page, and says no more of them.
            if (event.cancelable) {
                event.preventDefault();
            }
            const edge = room.current?.getBoundingClientRect();
            const [left, top] = [x - (edge?.left ?? 0), y - (edge?.top ?? 0)];
            const between = first ? lyingAt(left, top) : (memo as ReturnType<typeof lyingAt>);
            hold(between, left, top, scale);
            return between;
        },
        { target: room, pointer: { touch: true }, eventOptions: { passive: false }, scaleBounds: { min: 1, max: most }, from: () => [zoom, 0] },
    );
    return null;
}
