import type { Bank, Feed, PlannedJob, Run } from '../api/types';
import { battery, block as blockOf, run as runOf } from '../plan/planParts';

/** Where everything of the power tree stands. Banks at the left, devices at the right, one row a device. */

export const WIDTH = 1120;
export const BATTERY = { x: 16, width: 118, height: 42, gap: 6 };
export const BLOCK_X = 432;
export const DEVICE = { x: 812, width: 292, height: 40 };
const ROW = 46;
const GROUP_GAP = 12;
const TOP = 6;

export interface PlacedBattery {
    id: string;
    y: number;
    number: number;
}
export interface PlacedBank {
    bank: Bank;
    batteries: PlacedBattery[];
    labelY: number;
}
export interface PlacedDevice {
    id: string;
    y: number;
}
export interface PlacedRun {
    run: Run;
    x1: number;
    x2: number;
    y1: number;
    y2: number;
    /** the terminal's battery: its tint is the run's potential */
    potential: number;
    feed: Feed | null;
}
export interface PlacedBlock {
    id: string;
    top: number;
    bottom: number;
}
export interface Layout {
    height: number;
    banks: PlacedBank[];
    devices: PlacedDevice[];
    runs: PlacedRun[];
    blocks: PlacedBlock[];
}

export function layOut(job: PlannedJob): Layout {
    const layout: Layout = { height: 0, banks: [], devices: [], runs: [], blocks: [] };
    let top = TOP;
    for (const bank of job.plan.banks ?? []) {
        top = layOutBank(job, bank, top, layout) + GROUP_GAP;
    }
    const placed = new Set(layout.devices.map((device) => device.id));
    for (const device of job.plan.devices ?? []) {
        if (!placed.has(device.id)) {
            layout.devices.push({ id: device.id, y: top + ROW / 2 });
            top += ROW;
        }
    }
    layout.height = Math.max(top, 120);
    return layout;
}

function layOutBank(job: PlannedJob, bank: Bank, top: number, layout: Layout): number {
    const feeds = (job.plan.feeds ?? []).filter((feed) => feed.from.bank === bank.id);
    const string = bank.strings[0] ?? [];
    const blocks = bank.strings.flat();
    const stack = blocks.length * (BATTERY.height + BATTERY.gap);
    const rows = feeds.reduce((sum, feed) => sum + rowsOf(job, feed), 0);
    const height = Math.max(stack + 20, rows * ROW);
    const batteries = blocks.map((id, index) => ({
        id,
        number: index + 1,
        // Battery 1 stands lowest: volts rise up the drawing.
        y: top + (blocks.length - 1 - index) * (BATTERY.height + BATTERY.gap),
    }));
    layout.banks.push({ bank, batteries, labelY: top + stack + 12 });

    let row = top;
    for (const feed of feeds) {
        const run = runOf(job, feed.id);
        const plus = terminalHeight(feed.from.plus ?? 'pos', string.length);
        const start = batteries.find((placed) => placed.id === string[plus - 1]);
        const startY = (start?.y ?? top) + BATTERY.height / 2;
        const potential = string.slice(0, plus).reduce((sum, id) => sum + (battery(job.plan, id)?.nominal_v ?? 0), 0);
        const rows = rowsOf(job, feed);
        const middle = row + (rows * ROW) / 2;
        const toBlock = feed.to.block;
        if (run !== undefined) {
            layout.runs.push({
                run, feed, potential,
                x1: BATTERY.x + BATTERY.width,
                x2: toBlock === undefined ? DEVICE.x : BLOCK_X,
                y1: startY,
                y2: toBlock === undefined ? middle : Math.min(Math.max(startY, row + ROW / 2), row + rows * ROW - ROW / 2),
            });
        }
        if (toBlock === undefined) {
            if (feed.to.device !== undefined) {
                layout.devices.push({ id: feed.to.device, y: middle });
            }
        } else {
            layout.blocks.push({ id: toBlock, top: row + 4, bottom: row + rows * ROW - 4 });
            for (const [index, branch] of (blockOf(job.plan, toBlock)?.branches ?? []).entries()) {
                const y = row + index * ROW + ROW / 2;
                const branchRun = runOf(job, branch.id);
                layout.devices.push({ id: branch.to.device, y });
                if (branchRun !== undefined) {
                    layout.runs.push({ run: branchRun, feed: null, potential, x1: BLOCK_X + 14, x2: DEVICE.x, y1: y, y2: y });
                }
            }
        }
        row += rows * ROW;
    }
    return top + height;
}

function rowsOf(job: PlannedJob, feed: Feed): number {
    return feed.to.block === undefined ? 1 : Math.max(1, blockOf(job.plan, feed.to.block)?.branches?.length ?? 0);
}

/** How many batteries of the string lie below a terminal. */
function terminalHeight(name: string, blocks: number): number {
    if (name.startsWith('tap:')) {
        return Number(name.slice(4));
    }
    return name.startsWith('neg') ? 0 : blocks;
}
