import { useRef } from 'react';

import type { PlannedJob } from '../api/types';
import classes from './BoardDrawing.module.css';
import lines from './lines.module.css';
import { Loupe } from './Loupe';
import { useDrag } from './useDrag';

type Board = NonNullable<PlannedJob['plan']['boards']>[number];

/** mm that a drag is rounded to */
const STEP = 5;

/** A board to scale, its lower left corner the origin; parts are dragged where they go. */
export function BoardDrawing({ board, label, onMove }: { board: Board; label: string; onMove: ((part: number, x: number, y: number) => void) | null }) {
    const svg = useRef<SVGSVGElement>(null);
    const { held, hold } = useDrag<number>(svg, ({ what, from, at }) => {
        const part = (board.parts ?? [])[what];
        if (part !== undefined && (from.x !== at.x || from.y !== at.y)) {
            onMove?.(what, rounded(part.x_mm + at.x - from.x), rounded(part.y_mm - at.y + from.y));
        }
    });
    return (
        <svg ref={svg} viewBox={`-8 -8 ${board.width_mm + 16} ${board.height_mm + 16}`} width="100%" style={{ display: 'block', maxHeight: 230 }} role="group" aria-label={`${label}, ${board.width_mm} by ${board.height_mm} mm`}>
            <rect width={board.width_mm} height={board.height_mm} rx={3} fill="var(--straw)" stroke="var(--ink)" />
            {(board.parts ?? []).map((part, at) => {
                const by = held?.what === at ? { x: Math.round((held.at.x - held.from.x) / STEP) * STEP, y: Math.round((held.at.y - held.from.y) / STEP) * STEP } : { x: 0, y: 0 };
                return (
                    <g key={at} transform={`translate(${part.x_mm + by.x} ${board.height_mm - part.y_mm - part.height_mm + by.y})`} data-board-part={at} style={{ cursor: 'grab' }} onPointerDown={onMove === null ? undefined : hold(at)}>
                        <rect width={part.width_mm} height={part.height_mm} className={lines.box} strokeWidth="0.8" />
                        <foreignObject x={2} y={2} width={Math.max(1, part.width_mm - 4)} height={Math.max(1, part.height_mm - 4)}>
                            <div className={classes.name}>{part.name}</div>
                        </foreignObject>
                        {(part.holes ?? []).map((hole, which) => (
                            <circle key={which} cx={hole.x_mm} cy={part.height_mm - hole.y_mm} r={hole.diameter_mm / 2} className={lines.ground} strokeWidth="0.6" />
                        ))}
                    </g>
                );
            })}
            <Loupe svg={svg} held={held} />
        </svg>
    );
}

function rounded(millimetres: number): number {
    return Math.max(0, Math.round(millimetres / STEP) * STEP);
}
