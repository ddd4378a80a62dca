import { describe, expect, it } from 'vitest';

import { copperWidth } from '../../resources/js/drawings/potential';
import { BATTERY, layOut } from '../../resources/js/drawings/powerTreeLayout';
import { converters, devicesBehind } from '../../resources/js/boat/planParts';
import { skiffJob } from './job';

describe('the power tree', () => {
    const tree = layOut(skiffJob());

    it('has every device once, a row each', () => {
        expect(tree.devices.map((device) => device.id).sort()).toEqual(['bow-display', 'hub', 'live-sonar', 'motor', 'tiller-display']);
        const rows = tree.devices.map((device) => device.y).sort((a, b) => a - b);
        for (const [at, row] of rows.slice(1).entries()) {
            expect(row - (rows[at] ?? 0)).toBeGreaterThanOrEqual(40);
        }
        expect(Math.max(...rows)).toBeLessThan(tree.height);
    });

    it('stands battery 1 lowest, so that volts rise up the drawing', () => {
        const thrust = tree.banks.find((placed) => placed.bank.id === 'thrust')?.batteries ?? [];
        expect(thrust.map((battery) => battery.number)).toEqual([1, 2, 3]);
        expect(thrust.map((battery) => battery.y)).toEqual([...thrust.map((battery) => battery.y)].sort((a, b) => b - a));
    });

    it('takes a run from the battery of its terminal, at its potential', () => {
        const motor = tree.runs.find((placed) => placed.run.id === 'bow-motor');
        expect(motor?.potential).toBe(36);
        const top = tree.banks[0]?.batteries[2];
        expect(motor?.y1).toBe((top?.y ?? 0) + BATTERY.height / 2);
        expect(tree.runs.find((placed) => placed.run.id === 'br-tiller-display')?.potential).toBe(12);
    });

    it('takes a tap from the battery below it', () => {
        const tapped = skiffJob();
        const [feed] = tapped.plan.feeds ?? [];
        if (feed !== undefined) {
            feed.from.plus = 'tap:1';
        }
        const placed = layOut(tapped);
        expect(placed.runs.find((one) => one.feed?.id === feed?.id)?.potential).toBe(12);
        expect(placed.runs.find((one) => one.feed?.id === feed?.id)?.y1).toBe((placed.banks[0]?.batteries[0]?.y ?? 0) + BATTERY.height / 2);
    });

    it('spans a block over its branches', () => {
        const [block] = tree.blocks;
        for (const branch of tree.runs.filter((placed) => placed.feed === null)) {
            expect(branch.y1).toBeGreaterThan(block?.top ?? Infinity);
            expect(branch.y1).toBeLessThan(block?.bottom ?? -Infinity);
        }
    });

    it('keeps devices that nothing feeds, and an empty boat', () => {
        const bare = skiffJob();
        bare.plan.feeds = [];
        expect(layOut(bare).devices).toHaveLength(5);
        expect(layOut({ ...bare, plan: { format: 'dinghy-plan', version: 1 } })).toMatchObject({ devices: [], runs: [], height: 120 });
    });
});

describe('blocks behind blocks, and converters', () => {
    const chained = () => {
        const job = skiffJob();
        const block = job.plan.blocks?.[0];
        const moved = block?.branches?.pop();
        if (block === undefined || moved === undefined) {
            throw new Error('The skiff has a block with branches.');
        }
        block.branches?.push({ id: 'to-next', class: 'electronics', to: { block: 'next' } });
        job.plan.blocks?.push({ id: 'next', branches: [moved, { ...moved, id: 'twin' }] });
        const run = job.evaluation.runs.find((one) => one.id === moved.id);
        if (run !== undefined) {
            job.evaluation.runs.push({ ...run, id: 'to-next' }, { ...run, id: 'twin' });
        }
        return { job, moved };
    };

    it('stands a block that hangs on another farther right, over its own rows', () => {
        const { job } = chained();
        const tree = layOut(job);
        const [first, next] = tree.blocks;
        expect(next?.id).toBe('next');
        expect(next?.x).toBeGreaterThan(first?.x ?? Infinity);
        expect(next?.top).toBeGreaterThanOrEqual(first?.top ?? Infinity);
        expect(next?.bottom).toBeLessThanOrEqual(first?.bottom ?? -Infinity);
        const into = tree.runs.find((placed) => placed.run.id === 'to-next');
        expect(into?.x2).toBe(next?.x);
        expect(tree.runs.find((placed) => placed.run.id === 'twin')?.x1).toBeGreaterThan(next?.x ?? Infinity);
    });

    it('knows every device behind a run, through blocks too, and ends on a ring', () => {
        const { job, moved } = chained();
        const device = moved.to.device ?? '';
        expect(devicesBehind(job.plan, 'house')).toContain(device);
        expect(devicesBehind(job.plan, 'to-next')).toEqual([device, device]);
        job.plan.blocks?.find((block) => block.id === 'next')?.branches?.push({ id: 'ring', class: 'general', to: { block: 'bow-block' } });
        expect(devicesBehind(job.plan, 'house')).toContain(device);
        expect(layOut(job).blocks).toHaveLength(2);
    });

    it('draws a converter between its bank and its block, at the volts it makes', () => {
        const job = skiffJob();
        job.plan.feeds = job.plan.feeds?.filter((feed) => feed.id !== 'house');
        job.plan.chargers?.push({ id: 'converter', input: 'dc-dc', input_from: { bank: 'thrust' }, outputs: [{ block: 'bow-block', amps: 20 }] });
        const tree = layOut(job);
        const [placed] = tree.converters;
        expect(placed).toMatchObject({ charger: 'converter', volts: 12, amps: 20, input: 36 });
        expect(placed?.to).toBe(tree.blocks[0]?.x);
        expect(tree.runs.filter((run) => run.feed === null).map((run) => run.potential)).toEqual([12, 12, 12, 12]);
        expect(converters(job.plan)).toHaveLength(1);
    });
});

describe('width', () => {
    it('draws four times the copper twice as wide, and the thinnest still to be seen', () => {
        expect(copperWidth(33.6) / copperWidth(8.4)).toBeCloseTo(2, 6);
        expect(copperWidth(0.05)).toBe(1.2);
    });
});
