import { describe, expect, it } from 'vitest';

import type { Bench } from '../../resources/js/api/types';
import { frameOf, gripAt, isUpper, leadPath, postAt, postNear, wirePath } from '../../resources/js/drawings/benchGeometry';

/** Two blocks of 173 × 330 mm side by side, the posts of one above and of the other below. */
const BENCH = {
    inside_mm: [800, 400, 300],
    neighbours: [],
    blocks: [
        { battery: 'b1', x_mm: 0, y_mm: 0, width_mm: 173, depth_mm: 330, plus: { x: 35, y: 40 }, minus: { x: 35, y: 290 } },
        { battery: 'b2', x_mm: 198, y_mm: 0, width_mm: 173, depth_mm: 330, plus: { x: 336, y: 290 }, minus: { x: 336, y: 40 } },
    ],
} as unknown as Bench;

describe('the battery bench', () => {
    it('frames the compartment, and without one the tray that the blocks would need', () => {
        expect(frameOf(BENCH).inside).toEqual({ x: 0, y: 0, width: 800, height: 400 });
        const loose = frameOf({ ...BENCH, inside_mm: null });
        expect(loose.inside).toEqual({ x: -25, y: -25, width: 421, height: 380 });
        expect(loose.left).toBeLessThan(loose.inside.x);
        expect(loose.left + loose.width).toBeGreaterThan(loose.inside.x + loose.inside.width);
    });

    it('takes in blocks that stand outside their compartment', () => {
        const tight = frameOf({ ...BENCH, inside_mm: [300, 200, 300] });
        expect(tight.left + tight.width).toBeGreaterThan(371);
        expect(tight.top + tight.height).toBeGreaterThan(330);
        expect(frameOf(BENCH, 100).top).toBe(frameOf(BENCH).top - 100);
    });

    it('finds posts by name and by place', () => {
        expect(postAt(BENCH, 'b2+')).toEqual({ x: 336, y: 290 });
        expect(postAt(BENCH, 'b9+')).toBeNull();
        expect(postNear(BENCH, { x: 60, y: 60 })).toBe('b1+');
        expect(postNear(BENCH, { x: 336, y: 330 })).toBe('b2+');
        expect(postNear(BENCH, { x: 180, y: 165 })).toBeNull();
        expect(isUpper(BENCH, 'b1+')).toBe(true);
        expect(isUpper(BENCH, 'b1-')).toBe(false);
    });

    it('leads a wire from post to post, out over the edge of its block', () => {
        const path = wirePath(BENCH, 'b1+', 'b2-') ?? '';
        const [startX, startY, leavesX = 0, leavesY = 0, , , endX, endY] = (path.match(/-?[\d.]+/g) ?? []).map(Number);
        expect([startX, startY, endX, endY]).toEqual([35, 40, 336, 40]);
        // It leaves away from the middle of its block, which is 86.5, 165.
        expect(Math.hypot(leavesX - 86.5, leavesY - 165)).toBeGreaterThan(Math.hypot(35 - 86.5, 40 - 165));
        expect(wirePath(BENCH, 'b1+', 'b9-')).toBeNull();
    });

    it('has a hold on a wire at arm’s length from its post', () => {
        const grip = gripAt(BENCH, 'b1+', { x: 336, y: 40 });
        expect(Math.hypot((grip?.x ?? 0) - 35, (grip?.y ?? 0) - 40)).toBeCloseTo(44, 6);
        expect(gripAt(BENCH, 'b9+', { x: 0, y: 0 })).toBeNull();
    });

    it('leads a feed over the nearer edge and out', () => {
        expect(leadPath(BENCH, 'b1+', { x: 700, y: -60 })).toMatch(/^M35 40 L35 -14 Q35 -60 81 -60 L700 -60$/);
        expect(leadPath(BENCH, 'b1-', { x: 700, y: 460 })).toMatch(/^M35 290 L35 414 Q35 460 81 460 L700 460$/);
        expect(leadPath(BENCH, 'b9-', { x: 700, y: 460 })).toBeNull();
    });
});
