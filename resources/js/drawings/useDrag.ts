import { type PointerEvent, type RefObject, useEffect, useId, useRef, useState } from 'react';

import { scrolledAtEdge } from './edgeScroll';

export interface Place {
    x: number;
    y: number;
}

/** Something of a drawing in the hand: what it is, where it was taken and where it is, in the drawing's own measure. */
export interface Held<T> {
    what: T;
    from: Place;
    at: Place;
    /** where a finger covers it on the screen, px; null: nothing is covered */
    finger: Place | null;
}

/** ms that a finger rests on a thing to take it: one that moves on at once scrolls the page */
const REST = 220;
/** px that a resting finger may stray */
const STRAY = 8;

/**
 * Taking hold of things of a drawing and letting them go; Escape puts them back. A mouse takes at once. A finger rests on a
 * thing first, so that nobody who only scrolls moves the boat.
 */
export function useDrag<T>(svg: RefObject<SVGSVGElement | null>, letGo: (held: Held<T>) => void) {
    const [held, setHeld] = useState<Held<T> | null>(null);
    const drop = useRef(letGo);
    const now = useRef<Held<T> | null>(null);
    const id = useId();
    useEffect(() => {
        drop.current = letGo;
        now.current = held;
    });
    const dragging = held !== null;
    useEffect(() => {
        if (!dragging) {
            return;
        }
        // The whole window listens: a hand goes beyond the drawing, and what it began on may be drawn anew.
        let last: globalThis.PointerEvent | null = null;
        const follow = (event: globalThis.PointerEvent) => setHeld((before) => (before === null ? null : { ...before, at: placeOf(svg.current, event), finger: fingerOf(event) }));
        const move = (event: globalThis.PointerEvent) => {
            if (event.isPrimary) {
                last = event;
                follow(event);
            }
        };
        const along = () => {
            // A mouse is let go, the wheel turned, and it is taken up again.
            if (last !== null && last.pointerType !== 'mouse' && scrolledAtEdge(svg.current, last)) {
                follow(last);
            }
            frame = requestAnimationFrame(along);
        };
        let frame = requestAnimationFrame(along);
        const up = (event: globalThis.PointerEvent) => {
            const at = now.current;
            setHeld(null);
            if (at !== null) {
                drop.current({ ...at, at: placeOf(svg.current, event), finger: null });
            }
        };
        const back = (event: KeyboardEvent) => {
            if (event.key === 'Escape') {
                setHeld(null);
            }
        };
        const lost = () => setHeld(null);
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', up);
        window.addEventListener('pointercancel', lost);
        window.addEventListener('keydown', back);
        return () => {
            cancelAnimationFrame(frame);
            window.removeEventListener('pointermove', move);
            window.removeEventListener('pointerup', up);
            window.removeEventListener('pointercancel', lost);
            window.removeEventListener('keydown', back);
        };
    }, [dragging, svg]);
    useEffect(() => {
        // Said to the browser before a finger comes down: what is held does not scroll the page, nor ask for a menu.
        const drawing = svg.current;
        const keep = (event: Event) => {
            if (now.current !== null && event.cancelable) {
                event.preventDefault();
            }
        };
        drawing?.setAttribute('id', id); // the loupe shows it again
        drawing?.addEventListener('touchmove', keep, { passive: false });
        drawing?.addEventListener('contextmenu', keep);
        return () => {
            drawing?.removeEventListener('touchmove', keep);
            drawing?.removeEventListener('contextmenu', keep);
        };
    }, [svg, id]);
    const hold = (what: T) => (event: PointerEvent<SVGElement>) => {
        if (event.button !== 0 || !event.isPrimary) {
            return;
        }
        const down = event.nativeEvent;
        const at = placeOf(svg.current, down);
        const take = () => setHeld({ what, from: at, at, finger: fingerOf(down) });
        if (down.pointerType === 'mouse') {
            take();
        } else {
            afterRest(down, take);
        }
    };
    return { held, hold };
}

/** Once the finger has rested where it came down; not at all if it moved on, was lifted, or scrolls. */
function afterRest(down: globalThis.PointerEvent, act: () => void): void {
    const forget = new AbortController();
    const timer = setTimeout(() => {
        forget.abort();
        act();
    }, REST);
    forget.signal.addEventListener('abort', () => clearTimeout(timer));
    const give = () => forget.abort();
    const heard = { signal: forget.signal };
    window.addEventListener('pointermove', (event) => Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) > STRAY && give(), heard);
    // A second finger is a pinch.
    for (const end of ['pointerup', 'pointercancel', 'pointerdown'] as const) {
        window.addEventListener(end, (event) => event !== down && give(), heard);
    }
}

function placeOf(svg: SVGSVGElement | null, event: globalThis.PointerEvent): Place {
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg?.getScreenCTM()?.inverse());
    return { x, y };
}

function fingerOf(event: globalThis.PointerEvent): Place | null {
    return event.pointerType === 'mouse' ? null : { x: event.clientX, y: event.clientY };
}
