import type { Bank, Feed, PlannedJob, Run } from '../api/types';
import { block as blockOf, converters, run as runOf } from '../boat/planParts';
import { blocksBelow, terminalVolts } from './treeFigures';

/** Where everything of the power tree stands. Banks at the left, devices at the right, one row a device. */

/** the drawing's units that it is never narrower or wider than */
const NARROWEST = 980;
const WIDEST = 1400;
export const BATTERY = { x: 16, width: 118, height: 42, gap: 6 };
/** where the first block stands, as a share of what lies between banks and devices; nearer when others hang on it: what leads on needs room for its words */
const BLOCK_AT = 0.48;
const CHAINED_AT = 0.4;
export const BLOCK_WIDTH = 14;
/** how much farther right a block stands that hangs on another */
const DEEPER = 206;
export const CONVERTER = { width: 118, height: 42 };
export const DEVICE = { width: 276, height: 40 };
/** a row, and how much higher it may grow where there is room */
const ROW = 46;
const ROOMIEST = 1.6;
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
/** A device, or a backbone that a circuit leads to. */
export interface PlacedDevice {
    id: string;
    /** as "device:hub" */
    on: string;
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
    x: number;
    top: number;
    bottom: number;
}
export interface PlacedConverter {
    charger: string;
    amps: number;
    volts: number;
    /** from the battery that it draws on */
    from: { x: number; y: number };
    x: number;
    y: number;
    /** to the bus of its block */
    to: number;
    input: number;
}
export interface Layout {
    width: number;
    height: number;
    /** height of a row */
    row: number;
    /** where devices begin */
    deviceX: number;
    banks: PlacedBank[];
    devices: PlacedDevice[];
    runs: PlacedRun[];
    blocks: PlacedBlock[];
    converters: PlacedConverter[];
    /** where blocks stand that banks and converters feed */
    blockX: number;
}

/** @param room pixels that the drawing has: it is spread over them */
export function layOut(job: PlannedJob, room: { width: number; height: number } = { width: 1120, height: 0 }): Layout {
    const width = Math.min(Math.max(room.width, NARROWEST), WIDEST);
    const dense = spread(job, width, ROW);
    const grown = (room.height * width) / Math.max(room.width, 1) / dense.height;
    return grown <= 1 ? dense : spread(job, width, ROW * Math.min(grown, ROOMIEST));
}

function spread(job: PlannedJob, width: number, row: number): Layout {
    const deviceX = width - DEVICE.width - 16;
    const isChained = (job.plan.blocks ?? []).some((block) => block.branches?.some(({ to }) => to.block !== undefined));
    const left = BATTERY.x + BATTERY.width;
    const layout: Layout = { width, height: 0, row, deviceX, banks: [], devices: [], runs: [], blocks: [], converters: [], blockX: left + (deviceX - left) * (isChained ? CHAINED_AT : BLOCK_AT) };
    let top = TOP;
    for (const bank of job.plan.banks ?? []) {
        top = layOutBank(job, bank, top, layout) + GROUP_GAP;
    }
    const placed = new Set(layout.devices.map((device) => device.id));
    for (const device of job.plan.devices ?? []) {
        if (!placed.has(device.id)) {
            layout.devices.push({ id: device.id, on: `device:${device.id}`, y: top + row / 2 });
            top += row;
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
    const drawing = converters(job.plan).filter((converter) => converter.from.bank === bank.id);
    const rows = feeds.reduce((sum, feed) => sum + rowsOf(job, feed), 0) + drawing.reduce((sum, converter) => sum + rowsOfBlock(job, converter.block), 0);
    const height = Math.max(stack + 20, rows * layout.row);
    const batteries = blocks.map((id, index) => ({
        id,
        number: index + 1,
        // Battery 1 stands lowest: volts rise up the drawing.
        y: top + (blocks.length - 1 - index) * (BATTERY.height + BATTERY.gap),
    }));
    layout.banks.push({ bank, batteries, labelY: top + stack + 12 });
    /** Where what is taken from a terminal begins, and the volts there. */
    const taken = (from: Feed['from']) => {
        const plus = blocksBelow(from.plus ?? 'pos', string.length);
        const start = batteries.find((placed) => placed.id === string[plus - 1]);
        return { y: (start?.y ?? top) + BATTERY.height / 2, potential: terminalVolts(job, from) };
    };

    let row = top;
    for (const feed of feeds) {
        const run = runOf(job, feed.id);
        const { y: startY, potential } = taken(feed.from);
        const fed = layout.blocks.find((placed) => placed.id === feed.to.block);
        const rows = fed === undefined ? rowsOf(job, feed) : 1;
        const middle = row + (rows * layout.row) / 2;
        const toBlock = feed.to.block;
        if (run !== undefined) {
            layout.runs.push({
                run, feed, potential,
                x1: BATTERY.x + BATTERY.width,
                x2: toBlock === undefined ? layout.deviceX : layout.blockX,
                y1: startY,
                y2: toBlock === undefined ? middle : fed !== undefined ? fed.bottom - 10 : Math.min(Math.max(startY, row + layout.row / 2), row + rows * layout.row - layout.row / 2),
            });
        }
        if (toBlock === undefined) {
            layout.devices.push(...placedAt(feed.to, middle));
        } else {
            layOutBlock(job, toBlock, layout.blockX, row, potential, layout);
        }
        row += rows * layout.row;
    }
    for (const converter of drawing) {
        const rows = rowsOfBlock(job, converter.block);
        const { y, potential } = taken(converter.from);
        layout.converters.push({
            charger: converter.charger, amps: converter.amps, volts: converter.volts,
            from: { x: BATTERY.x + BATTERY.width, y },
            x: layout.blockX - CONVERTER.width - 56, y: row + (rows * layout.row) / 2, to: layout.blockX,
            input: potential,
        });
        layOutBlock(job, converter.block, layout.blockX, row, converter.volts, layout);
        row += rows * layout.row;
    }
    return top + height;
}

/** A block, what hangs on it a row each, and blocks that hang on it farther right; one that two circuits feed stands once. */
function layOutBlock(job: PlannedJob, id: string, x: number, top: number, potential: number, layout: Layout): void {
    if (layout.blocks.some((placed) => placed.id === id)) {
        return;
    }
    layout.blocks.push({ id, x, top: top + 4, bottom: top + rowsOfBlock(job, id) * layout.row - 4 });
    let row = top;
    for (const branch of blockOf(job.plan, id)?.branches ?? []) {
        const next = branch.to.block;
        const rows = next === undefined ? 1 : rowsOfBlock(job, next, [id, next]);
        const y = row + (rows * layout.row) / 2;
        const branchRun = runOf(job, branch.id);
        if (branchRun !== undefined) {
            layout.runs.push({ run: branchRun, feed: null, potential, x1: x + BLOCK_WIDTH, x2: next === undefined ? layout.deviceX : x + DEEPER, y1: y, y2: y });
        }
        layout.devices.push(...placedAt(branch.to, y));
        if (next !== undefined) {
            layOutBlock(job, next, x + DEEPER, row, potential, layout);
        }
        row += rows * layout.row;
    }
}

function placedAt(to: Feed['to'], y: number): PlacedDevice[] {
    return to.device !== undefined ? [{ id: to.device, on: `device:${to.device}`, y }] : to.backbone !== undefined ? [{ id: to.backbone, on: `backbone:${to.backbone}`, y }] : [];
}

function rowsOf(job: PlannedJob, feed: Feed): number {
    return feed.to.block === undefined ? 1 : rowsOfBlock(job, feed.to.block);
}

/** @param seen blocks on the way here: the server refuses rings, a draft may hold one */
function rowsOfBlock(job: PlannedJob, id: string, seen = [id]): number {
    const rows = (blockOf(job.plan, id)?.branches ?? []).reduce((sum, { to }) => sum + (to.block === undefined || seen.includes(to.block) ? 1 : rowsOfBlock(job, to.block, [...seen, to.block])), 0);
    return Math.max(1, rows);
}
