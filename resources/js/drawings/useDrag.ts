import { type PointerEvent, type RefObject, useEffect, useRef, useState } from 'react';

export interface Place {
    x: number;
    y: number;
}

/** Something of a drawing in the hand: what it is, where it was taken and where it is, in the drawing's own measure. */
export interface Held<T> {
    what: T;
    from: Place;
    at: Place;
}

/** Taking hold of things of a drawing and letting them go, with mouse, pen or finger; Escape puts them back. */
export function useDrag<T>(svg: RefObject<SVGSVGElement | null>, letGo: (held: Held<T>) => void) {
    const [held, setHeld] = useState<Held<T> | null>(null);
    const drop = useRef(letGo);
    const now = useRef<Held<T> | null>(null);
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
        const move = (event: globalThis.PointerEvent) => setHeld((before) => (before === null ? null : { ...before, at: placeOf(svg.current, event) }));
        const up = (event: globalThis.PointerEvent) => {
            const last = now.current;
            setHeld(null);
            if (last !== null) {
                drop.current({ ...last, at: placeOf(svg.current, event) });
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
            window.removeEventListener('pointermove', move);
            window.removeEventListener('pointerup', up);
            window.removeEventListener('pointercancel', lost);
            window.removeEventListener('keydown', back);
        };
    }, [dragging, svg]);
    const hold = (what: T) => (event: PointerEvent<SVGElement>) => {
        if (event.button === 0) {
            const at = placeOf(svg.current, event.nativeEvent);
            setHeld({ what, from: at, at });
        }
    };
    return { held, hold };
}

function placeOf(svg: SVGSVGElement | null, event: globalThis.PointerEvent): Place {
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg?.getScreenCTM()?.inverse());
    return { x, y };
}
