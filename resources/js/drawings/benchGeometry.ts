import type { Bench } from '../api/types';
import type { Place } from './useDrag';

/** Where everything of the battery bench is drawn, in millimetres of the compartment. */

export type BenchBlock = Bench['blocks'][number];

/** mm around the compartment, and at its right for the leads that go out */
const MARGIN = 70;
const LEADS = 280;
/** mm from a post within which what is let go lands on it */
const REACH = 55;

export interface Frame {
    left: number;
    top: number;
    width: number;
    height: number;
    /** the compartment, or the tray that the blocks would need */
    inside: { x: number; y: number; width: number; height: number };
}

/** @param leads mm beyond an edge that the lanes of leads need */
export function frameOf(bench: Bench, leads = 0): Frame {
    const right = Math.max(...bench.blocks.map((block) => block.x_mm + block.width_mm), ...bench.neighbours.map((block) => block.x_mm + block.width_mm));
    const bottom = Math.max(...bench.blocks.map((block) => block.y_mm + block.depth_mm), ...bench.neighbours.map((block) => block.y_mm + block.depth_mm));
    const [length, width] = bench.inside_mm ?? [right, bottom];
    const inside = bench.inside_mm === null ? { x: -25, y: -25, width: right + 50, height: bottom + 50 } : { x: 0, y: 0, width: length ?? right, height: width ?? bottom };
    const left = Math.min(inside.x, ...bench.blocks.map((block) => block.x_mm)) - MARGIN;
    const top = Math.min(inside.y, ...bench.blocks.map((block) => block.y_mm)) - MARGIN - leads;
    const total = { width: Math.max(inside.x + inside.width, right) - left + LEADS, height: Math.max(inside.y + inside.height, bottom) - top + MARGIN + leads };
    return { left, top, ...total, inside };
}

/** Where a post stands; null for one that is not on this bench. */
export function postAt(bench: Bench, post: string): Place | null {
    const block = bench.blocks.find((candidate) => candidate.battery === post.slice(0, -1));
    return block === undefined ? null : post.endsWith('+') ? block.plus : block.minus;
}

/** The post that something let go at a place lands on. */
export function postNear(bench: Bench, place: Place): string | null {
    let nearest: string | null = null;
    let least = REACH;
    for (const block of bench.blocks) {
        for (const sign of ['+', '-'] as const) {
            const post = sign === '+' ? block.plus : block.minus;
            const far = Math.hypot(post.x - place.x, post.y - place.y);
            if (far < least) {
                [nearest, least] = [`${block.battery}${sign}`, far];
            }
        }
    }
    return nearest;
}

/** A stiff wire between two posts: it leaves each away from the middle of its block. */
export function wirePath(bench: Bench, from: string, to: string): string | null {
    const [a, b] = [postAt(bench, from), postAt(bench, to)];
    if (a === null || b === null) {
        return null;
    }
    const [p, q] = [leaves(bench, from, a, b), leaves(bench, to, b, a)];
    return `M${a.x} ${a.y} C${p.x} ${p.y} ${q.x} ${q.y} ${b.x} ${b.y}`;
}

/** A lead from a post over the nearer edge of the compartment and along it to the right. */
export function leadPath(bench: Bench, post: string, end: Place): string | null {
    const a = postAt(bench, post);
    if (a === null) {
        return null;
    }
    const bend = Math.min(46, Math.abs(end.y - a.y));
    const up = end.y < a.y ? bend : -bend;
    return `M${a.x} ${a.y} L${a.x} ${end.y + up} Q${a.x} ${end.y} ${a.x + 46} ${end.y} L${end.x} ${end.y}`;
}

/** Whether a post lies nearer to the edge that is drawn above. */
export function isUpper(bench: Bench, post: string): boolean {
    const { inside } = frameOf(bench);
    return (postAt(bench, post)?.y ?? 0) < inside.y + inside.height / 2;
}

/** The place of a lead's hold, on its way out. */
export function leadGrip(bench: Bench, post: string, end: Place): Place | null {
    const a = postAt(bench, post);
    return a === null ? null : { x: a.x, y: a.y + (end.y < a.y ? -42 : 42) };
}

/** A place on a wire near its end, where a hand takes hold of it. */
export function gripAt(bench: Bench, post: string, towards: Place): Place | null {
    const a = postAt(bench, post);
    if (a === null) {
        return null;
    }
    const p = leaves(bench, post, a, towards);
    const far = Math.hypot(p.x - a.x, p.y - a.y) || 1;
    return { x: a.x + ((p.x - a.x) / far) * 44, y: a.y + ((p.y - a.y) / far) * 44 };
}

function leaves(bench: Bench, post: string, at: Place, towards: Place): Place {
    const block = bench.blocks.find((candidate) => candidate.battery === post.slice(0, -1));
    if (block === undefined) {
        return at;
    }
    const middle = { x: block.x_mm + block.width_mm / 2, y: block.y_mm + block.depth_mm / 2 };
    const away = { x: at.x - middle.x, y: at.y - middle.y };
    const reach = Math.hypot(away.x, away.y) || 1;
    const far = Math.min(110, 30 + Math.hypot(towards.x - at.x, towards.y - at.y) * 0.3);
    return { x: at.x + (away.x / reach) * far * 0.6 + (towards.x - at.x) * 0.22, y: at.y + (away.y / reach) * far * 0.6 + (towards.y - at.y) * 0.22 };
}
