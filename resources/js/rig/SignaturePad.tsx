import { type PointerEvent, useRef, useState } from 'react';

export type Strokes = [number, number][][];

/** px that a point strays from the last before it is written down */
const STRAY = 2;

/** A field that is signed with a finger: strokes as shares of its width and height. */
export function SignaturePad({ strokes, onStrokes }: { strokes: Strokes; onStrokes: (strokes: Strokes) => void }) {
    const field = useRef<SVGSVGElement>(null);
    const [drawing, setDrawing] = useState<[number, number][] | null>(null);
    const pointOf = (event: PointerEvent): [number, number] => {
        const box = field.current?.getBoundingClientRect();
        const share = (at: number, from: number, room: number) => Math.max(0, Math.min(1, (at - from) / room));
        return box === undefined ? [0, 0] : [share(event.clientX, box.left, box.width), share(event.clientY, box.top, box.height)];
    };
    return (
        <svg
            ref={field}
            viewBox="0 0 1 1"
            preserveAspectRatio="none"
            data-signature
            role="img"
            aria-label={`Signature: ${strokes.length === 0 ? 'none yet, it is written with a finger' : 'written'}`}
            style={{ display: 'block', width: '100%', height: 180, border: '2px solid var(--ink)', borderRadius: 3, background: 'var(--sheet)', touchAction: 'none' }}
            onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                setDrawing([pointOf(event)]);
            }}
            onPointerMove={(event) => {
                if (drawing !== null) {
                    const point = pointOf(event);
                    const [x, y] = drawing.at(-1) ?? point;
                    const box = event.currentTarget.getBoundingClientRect();
                    if (Math.hypot((point[0] - x) * box.width, (point[1] - y) * box.height) >= STRAY) {
                        setDrawing([...drawing, point]);
                    }
                }
            }}
            onPointerUp={() => {
                if (drawing !== null) {
                    onStrokes([...strokes, drawing]);
                    setDrawing(null);
                }
            }}
            onPointerCancel={() => setDrawing(null)}
        >
            <Written strokes={drawing === null ? strokes : [...strokes, drawing]} />
        </svg>
    );
}

/** Strokes as they were written. */
export function Written({ strokes }: { strokes: number[][][] }) {
    return strokes.map((stroke, at) => <polyline key={at} points={stroke.map(([x = 0, y = 0]) => `${x},${y}`).join(' ')} fill="none" stroke="var(--ink)" strokeWidth="3" vectorEffect="non-scaling-stroke" strokeLinecap="round" strokeLinejoin="round" />);
}
