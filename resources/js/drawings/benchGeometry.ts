import type { Bench } from '../api/types';

/** Where everything of the battery bench is drawn, in millimetres of the compartment. */

export type BenchBlock = Bench['blocks'][number];
export interface Place {
    x: number;
    y: number;
}

/** mm around the compartment, and at its right for the leads that go out */
const MARGIN = 60;
const LEADS = 330;
/** mm from a post within which what is let go lands on it */
const REACH = 55;

export interface Frame {
    left: number;
    top: number;
    width: number;
    height: number;
    /** the compartment, or the tray that the blocks would need */
    inside: { x: number; y: number; width: number; height: number };
    /** mm that one pixel is about, so that words keep their size */
    unit: number;
}

export function frameOf(bench: Bench): Frame {
    const right = Math.max(...bench.blocks.map((block) => block.x_mm + block.width_mm), ...bench.neighbours.map((block) => block.x_mm + block.width_mm));
    const bottom = Math.max(...bench.blocks.map((block) => block.y_mm + block.depth_mm), ...bench.neighbours.map((block) => block.y_mm + block.depth_mm));
    const [length, width] = bench.inside_mm ?? [right, bottom];
    const inside = bench.inside_mm === null ? { x: -25, y: -25, width: right + 50, height: bottom + 50 } : { x: 0, y: 0, width: length ?? right, height: width ?? bottom };
    const left = Math.min(inside.x, ...bench.blocks.map((block) => block.x_mm)) - MARGIN;
    const top = Math.min(inside.y, ...bench.blocks.map((block) => block.y_mm)) - MARGIN;
    const total = { width: Math.max(inside.x + inside.width, right) - left + LEADS, height: Math.max(inside.y + inside.height, bottom) - top + MARGIN };
    return { left, top, ...total, inside, unit: Math.max(total.height / 330, total.width / 800) };
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

/** A lead from a post to the right edge. */
export function leadPath(bench: Bench, post: string, end: Place): string | null {
    const a = postAt(bench, post);
    if (a === null) {
        return null;
    }
    const p = leaves(bench, post, a, end);
    return `M${a.x} ${a.y} C${p.x} ${p.y} ${end.x - 160} ${end.y} ${end.x} ${end.y}`;
}

/** A place on a wire near its end, where a hand takes hold of it. */
export function gripAt(bench: Bench, post: string, towards: Place): Place | null {
    const a = postAt(bench, post);
    if (a === null) {
        return null;
    }
    const p = leaves(bench, post, a, towards);
    const far = Math.hypot(p.x - a.x, p.y - a.y) || 1;
    return { x: a.x + ((p.x - a.x) / far) * 40, y: a.y + ((p.y - a.y) / far) * 40 };
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
