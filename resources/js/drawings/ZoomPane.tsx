import { Button } from '@mantine/core';
import { createContext, lazy, type ReactNode, Suspense, useContext, useLayoutEffect, useRef, useState } from 'react';

import { useNarrow } from '../look/useNarrow';
import { useShortcuts } from '../keys/shortcuts';
import classes from './ZoomPane.module.css';

/** What feels two fingers. */
export const pinching = async () => ({ default: (await import('./Pinches')).Pinches });
const Pinches = lazy(pinching);

/** A drawing is never smaller than its room, nor so large that it is lost. */
const MOST = 6;
const STEP = 1.4;

const ZoomContext = createContext(1);

/** How many times its room a drawing is wide and high. */
export const useZoom = () => useContext(ZoomContext);

interface Props {
    /** what is drawn */
    label: string;
    children: ReactNode;
}

/**
 * The room of a drawing, which may grow beyond it: by keys and buttons, by two fingers, by the wheel with Ctrl. The wheel
 * alone, the arrows and a finger move it about.
 */
export function ZoomPane({ label, children }: Props) {
    const room = useRef<HTMLDivElement>(null);
    const [zoom, setZoom] = useState(1);
    /** what is to stay where it is while the drawing grows: its place in the drawing, 0 to 1, and in the room, px */
    const held = useRef({ x: 0, y: 0, left: 0, top: 0 });
    const isNarrow = useNarrow();
    /** px that it has where the page gives it as much as it asks for: once larger it is scrolled within them */
    const [fitting, setFitting] = useState<number | null>(null);
    /** What lies at a place of the room, px, is to lie at another once the drawing is so large. */
    const hold = (what: { x: number; y: number }, left: number, top: number, next: number) => {
        if (zoom === 1 && room.current !== null) {
            setFitting(room.current.clientHeight);
        }
        held.current = { ...what, left, top };
        if (next === zoom) {
            scroll();
        }
        setZoom(next);
    };
    const scroll = () => {
        const { x, y, left, top } = held.current;
        room.current?.scrollTo(x * room.current.scrollWidth - left, y * room.current.scrollHeight - top);
    };
    const lyingAt = (left: number, top: number) => {
        const { scrollLeft = 0, scrollTop = 0, scrollWidth = 1, scrollHeight = 1 } = room.current ?? {};
        return { x: (scrollLeft + left) / scrollWidth, y: (scrollTop + top) / scrollHeight };
    };
    const to = (next: number) => {
        const [left, top] = [(room.current?.clientWidth ?? 0) / 2, (room.current?.clientHeight ?? 0) / 2];
        hold(lyingAt(left, top), left, top, Math.min(Math.max(next, 1), MOST));
    };
    useLayoutEffect(scroll, [zoom]);
    const shown = zoom === 1 ? 'fits' : `× ${zoom.toFixed(1)}`;
    const larger = () => to(zoom * STEP);
    const smaller = () => to(zoom / STEP);
    const fit = () => to(1);
    useShortcuts({ '+': larger, '=': larger, '-': smaller, e: fit });
    return (
        <div className={classes.pane}>
            <Suspense fallback={null}>
                <Pinches room={room} zoom={zoom} most={MOST} lyingAt={lyingAt} hold={hold} />
            </Suspense>
            <div ref={room} className={classes.room} tabIndex={0} role="region" aria-label={label} style={isNarrow && zoom > 1 && fitting !== null ? { height: fitting } : undefined}>
                <div style={{ width: `${zoom * 100}%`, height: isNarrow ? undefined : `${zoom * 100}%` }}>
                    <ZoomContext value={zoom}>{children}</ZoomContext>
                </div>
            </div>
            <Button.Group orientation={isNarrow ? 'horizontal' : 'vertical'} aria-label="Size of the drawing">
                <Button size="compact-sm" px={4} className={classes.size} variant="default" aria-label="+, larger" disabled={zoom === MOST} onClick={larger}>
                    +
                </Button>
                <Button size="compact-sm" px={4} className={classes.size} variant="default" aria-label={`${shown}: all of the drawing`} disabled={zoom === 1} onClick={fit} data-figure="zoom">
                    {shown}
                </Button>
                <Button size="compact-sm" px={4} className={classes.size} variant="default" aria-label="−, smaller" disabled={zoom === 1} onClick={smaller}>
                    −
                </Button>
            </Button.Group>
        </div>
    );
}
