import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';

import classes from './SlideToSign.module.css';

/** of the way: further than this the hold is signed when it is let go */
const FAR = 0.92;
/** of the way, for each press of an arrow */
const STEP = 0.1;

/**
 * A hold is slid, from one end to the other: wet glass taps by itself, but it does not slide. By keys the arrows move it, and
 * the end key takes it there.
 */
export function SlideToSign({ words, disabled, onSign }: { words: string; disabled: boolean; onSign: () => void }) {
    const track = useRef<HTMLDivElement>(null);
    const held = useRef<{ from: number; room: number } | null>(null);
    const [share, setShare] = useState(0);
    const move = (to: number, isLetGo: boolean) => {
        const there = Math.max(0, Math.min(1, to));
        if (isLetGo && there >= FAR) {
            setShare(0);
            onSign();
        } else {
            setShare(isLetGo ? 0 : there);
        }
    };
    const shareAt = (event: PointerEvent) => (held.current === null ? 0 : (event.clientX - held.current.from) / held.current.room);
    const byKey = (event: KeyboardEvent) => {
        const to = { ArrowRight: share + STEP, ArrowUp: share + STEP, ArrowLeft: share - STEP, ArrowDown: share - STEP, Home: 0, End: 1 }[event.key];
        if (to !== undefined && !disabled) {
            event.preventDefault();
            event.stopPropagation();
            move(to, to >= 1 - STEP / 2);
        }
    };
    return (
        <div ref={track} className={classes.track} data-off={disabled || undefined}>
            <span className={classes.words} aria-hidden="true">
                {words}
            </span>
            <div
                role="slider"
                tabIndex={0}
                aria-label={`Slide to sign: ${words}`}
                aria-valuemin={0}
                aria-valuemax={100}
                aria-valuenow={Math.round(100 * share)}
                aria-valuetext={share === 0 ? 'not signed' : `${Math.round(100 * share)} % of the way`}
                aria-disabled={disabled || undefined}
                className={classes.thumb}
                data-slide
                data-main
                style={{ insetInlineStart: `calc(4px + ${share} * (100% - 72px))` }}
                onKeyDown={byKey}
                onPointerDown={(event) => {
                    if (!disabled && track.current !== null) {
                        event.currentTarget.setPointerCapture(event.pointerId);
                        held.current = { from: event.clientX, room: track.current.clientWidth - 72 };
                    }
                }}
                onPointerMove={(event) => {
                    if (held.current !== null) {
                        move(shareAt(event), false);
                    }
                }}
                onPointerUp={(event) => {
                    if (held.current !== null) {
                        const there = shareAt(event);
                        held.current = null;
                        move(there, true);
                    }
                }}
                onPointerCancel={() => {
                    held.current = null;
                    setShare(0);
                }}
            >
                <span aria-hidden="true">→</span>
            </div>
        </div>
    );
}
