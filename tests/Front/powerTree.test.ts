import { describe, expect, it } from 'vitest';

import { copperWidth, potentialTint } from '../../resources/js/drawings/potential';
import { BATTERY, layOut } from '../../resources/js/drawings/powerTreeLayout';
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

describe('tint and width', () => {
    const light = (volts: number | null) => (potentialTint(volts).match(/\d+/g) ?? []).map(Number).reduce((sum, part) => sum + part, 0);

    it('has one tint for equal volts, deeper with every volt', () => {
        expect(potentialTint(0)).toBe('rgb(226 205 150)');
        expect(potentialTint(null)).toBe(potentialTint(0));
        expect(potentialTint(90)).toBe(potentialTint(60));
        for (let volts = 1; volts <= 60; volts++) {
            expect(light(volts)).toBeLessThan(light(volts - 1));
        }
    });

    it('draws four times the copper twice as wide, and the thinnest still to be seen', () => {
        expect(copperWidth(33.6) / copperWidth(8.4)).toBeCloseTo(2, 6);
        expect(copperWidth(0.05)).toBe(1.2);
    });
});
