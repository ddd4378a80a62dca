import type { RefObject } from 'react';
import { createPortal } from 'react-dom';

import lines from './lines.module.css';
import type { Held } from './useDrag';

/** px across, how far above the finger its middle is, and how many times as large it shows what the finger covers */
const ACROSS = 128;
const ABOVE = 104;
const TIMES = 1.6;

/** What is under the finger while it holds something, above the finger; beside it where there is no room above. */
export function Loupe({ svg, held }: { svg: RefObject<SVGSVGElement | null>; held: Held<unknown> | null }) {
    const drawing = svg.current;
    const scale = drawing?.getScreenCTM()?.a;
    if (held?.finger == null || drawing === null || scale === undefined) {
        return null;
    }
    const { x, y, width, height } = drawing.viewBox.baseVal;
    const seen = ACROSS / (scale * TIMES);
    const { x: left, y: top } = held.finger;
    const isBeside = top < ABOVE + ACROSS / 2;
    const middle = isBeside ? { x: left + (left < window.innerWidth / 2 ? ABOVE : -ABOVE), y: Math.max(top, ACROSS / 2 + 4) } : { x: Math.min(Math.max(left, ACROSS / 2 + 4), window.innerWidth - ACROSS / 2 - 4), y: top - ABOVE };
    return createPortal(
        <svg
            data-loupe=""
            aria-hidden="true"
            viewBox={`${held.at.x - seen / 2} ${held.at.y - seen / 2} ${seen} ${seen}`}
            width={ACROSS}
            height={ACROSS}
            style={{ position: 'fixed', insetInlineStart: middle.x - ACROSS / 2, top: middle.y - ACROSS / 2, zIndex: 400, pointerEvents: 'none', background: 'var(--paper)', border: '3px solid var(--slate)', borderRadius: '50%' }}
        >
            <use href={`#${drawing.id}`} x={x} y={y} width={width} height={height} />
            <path d={`M${held.at.x - seen / 9} ${held.at.y}h${(2 * seen) / 9}M${held.at.x} ${held.at.y - seen / 9}v${(2 * seen) / 9}`} className={`${lines.line} ${lines.stop} ${lines.even}`} strokeWidth="1.5" />
        </svg>,
        document.body,
    );
}
