import { describe, expect, it } from 'vitest';

import type { Bench, CataloguePart } from '../../resources/js/api/types';
import { bent, bentOnceMore, moved, placed, seated } from '../../resources/js/layout/drawingEdits';
import { hangBranch, isFull, nextSize } from '../../resources/js/power/branches';
import { layBlock } from '../../resources/js/boat/positions';
import { skiffJob } from './job';

describe('on the boat plan', () => {
    const job = skiffJob();

    it('moves a station from where it is by then', () => {
        expect(moved(job, 'midship', (now) => ({ x_m: now.x_m + 1, y_m: now.y_m }))).toEqual({ propose: { make: 'move', station: 'midship', at: { x_m: 3.8, y_m: 1 } } });
        expect(moved(job, 'gone', (now) => now)).toBeNull();
    });

    it('gives a device its place from its station, and takes it again', () => {
        expect(placed(job, 'device:motor', (now) => ({ x_m: now.x_m, y_m: now.y_m + 0.1 }))).toEqual({ patch: [{ on: 'device:motor', set: { at_m: { x_m: 5.2, y_m: 0.1 } } }] });
        const homeless = skiffJob();
        delete homeless.plan.devices?.[0]?.station;
        expect(placed(homeless, 'device:motor', (now) => now)).toBeNull();
        expect(seated('device:motor', 'bow')).toEqual({ patch: [{ on: 'device:motor', set: { station: 'bow' }, unset: ['at_m'] }] });
    });

    it('bends a way where its straight piece is longest', () => {
        // From 0.5, 0 over its bend at 0.9, 0.8 to 1.2, 0.8: the first piece is the longer.
        expect(bentOnceMore(job, 'w-stern-tiller')).toEqual({ propose: { make: 'bends', way: 'w-stern-tiller', bends: [{ x_m: 0.7, y_m: 0.4 }, { x_m: 0.9, y_m: 0.8 }] } });
        expect(bent(job, 'w-stern-tiller', () => [])).toEqual({ propose: { make: 'bends', way: 'w-stern-tiller', bends: [] } });
        expect(bentOnceMore(job, 'gone')).toBeNull();
    });
});

describe('blocks of a bank', () => {
    it('stay where they are drawn when one is placed', () => {
        const bench = { blocks: [{ battery: 'b1', x_mm: 0, y_mm: 0, turned: 270 }, { battery: 'b2', x_mm: 200, y_mm: 0, turned: 90 }] } as unknown as Bench;
        expect(layBlock(bench, 'b2', (lie) => ({ x_mm: lie.x_mm + 50 }))).toEqual([
            { on: 'battery:b1', set: { lies: { x_mm: 0, y_mm: 0, turned: 270 } } },
            { on: 'battery:b2', set: { lies: { x_mm: 250, y_mm: 0, turned: 90 } } },
        ]);
    });
});

describe('a branch hung on another block', () => {
    const sizes = [4, 6, 12].map((circuits) => ({ kind: 'block', figures: { circuits } })) as unknown as CataloguePart[];
    const withBlocks = (circuits: number, branches: number) => {
        const { plan } = skiffJob();
        const [first] = plan.blocks ?? [];
        const more = Array.from({ length: branches }, (_, at) => ({ id: `more-${at}`, class: 'general', to: { device: `d${at}` }, run: {} }));
        plan.blocks = [...(first === undefined ? [] : [first]), { id: 'other', circuits, branches: more } as unknown as NonNullable<typeof first>];
        return plan;
    };

    it('forgets what was measured from the old one', () => {
        const steps = hangBranch(withBlocks(6, 1), 'br-tiller-display', 'other', sizes);
        expect(steps).toHaveLength(1);
        expect(steps?.[0]).toMatchObject({ on: 'branch:br-tiller-display', in: 'block:other', put: { id: 'br-tiller-display', run: { length_m: null, route: null } } });
    });

    it('makes a full block the next size, where one is made', () => {
        const full = withBlocks(4, 4);
        expect(isFull(full, 'other')).toBe(true);
        expect(nextSize(full, 'other', sizes)).toBe(6);
        expect(hangBranch(full, 'br-tiller-display', 'other', sizes)?.[0]).toEqual({ on: 'block:other', set: { circuits: 6 } });
        expect(hangBranch(withBlocks(12, 12), 'br-tiller-display', 'other', sizes)).toBeNull();
    });

    it('stays where it hangs', () => {
        expect(hangBranch(withBlocks(6, 1), 'br-tiller-display', 'bow-block', sizes)).toBeNull();
        expect(hangBranch(withBlocks(6, 1), 'gone', 'other', sizes)).toBeNull();
    });
});
