import type { PlannedJob } from '../api/types';
import type { Transducer } from '../boat/dataSide';

/** A socket or a port of a device, as it lies on its case. */
export interface Hole {
    x: number;
    y: number;
    taken: boolean;
}

export interface PlacedTransducer {
    transducer: Transducer;
    y: number;
    /** adapters and terminal blocks on its way */
    chain: string[];
    reached: boolean | null;
    /** m; null: not known */
    needed: number | null;
    /** where it is plugged in; null: nobody has said */
    socket: Hole | null;
}

export interface PlacedCase {
    device: string;
    x: number;
    top: number;
    height: number;
    sockets: (Hole & { id: string })[];
    ports: Hole[];
}

export interface PlacedCable {
    id: string;
    from: Hole;
    to: Hole;
}

export interface SonarMapLayout {
    width: number;
    height: number;
    /** where the cases of devices begin */
    caseX: number;
    transducers: PlacedTransducer[];
    cases: PlacedCase[];
    cables: PlacedCable[];
}

/** px: a narrower room is scrolled */
export const NARROWEST = 836;
/** the boxes of transducers, and the cases of devices and hubs */
export const TRANSDUCER = { x: 8, width: 204, height: 52 };
export const CASE = { width: 178 };
/** px from a device to the hubs, for the cables between them, and right of all for those that join neighbours */
const [BETWEEN, EDGE] = [64, 12];
const ROW = 92;
const TOP = 20;
/** from a case's top to its first hole, and from hole to hole */
const [FIRST, STEP] = [38, 26];
const GAP = 18;

/** Transducers at the left, the devices that they are plugged into in the middle, hubs at the right: each case as high as its sockets and ports ask for. */
/** @param room px across */
export function sonarMap(job: PlannedJob, room: number): SonarMapLayout {
    const width = Math.max(NARROWEST, room);
    const hubX = width - EDGE - CASE.width;
    const caseX = hubX - BETWEEN - CASE.width;
    const network = job.evaluation.network;
    const planned = job.plan.network?.transducers ?? [];
    const cables = job.plan.network?.cables ?? [];
    const rows = new Map(planned.map((transducer, at) => [transducer.id, TOP + at * ROW + TRANSDUCER.height / 2]));
    const cabled = new Set(cables.flatMap(({ from, to }) => [from, to]));
    const ports = new Map(network?.ports.map((one) => [one.device, one]));
    const shown = (job.plan.devices ?? []).filter((device) => (device.sockets ?? []).length > 0 || cabled.has(device.id) || ports.has(device.id));
    const plugged = (device: string) => planned.filter((transducer) => transducer.to?.device === device);
    const mean = (values: number[]) => (values.length === 0 ? Infinity : values.reduce((sum, value) => sum + value, 0) / values.length);
    const bottoms = { [caseX]: TOP - GAP, [hubX]: TOP - GAP };
    const stacked = (device: (typeof shown)[number], x: number, wanted: number): PlacedCase => {
        const sockets = device.sockets ?? [];
        const port = ports.get(device.id);
        const holes = Math.max(port?.ports ?? 0, port?.used ?? 0);
        const height = FIRST + STEP * Math.max(1, sockets.length, holes) - 6;
        const top = Math.max((bottoms[x] ?? 0) + GAP, Number.isFinite(wanted) ? wanted - height / 2 : 0, TOP);
        bottoms[x] = top + height;
        const at = (which: number) => top + FIRST + which * STEP;
        // A hub's ports lie to the left, where the cables come from; those of the others to the right.
        const side = x === hubX ? x : x + CASE.width;
        return {
            device: device.id,
            x,
            top,
            height,
            sockets: sockets.map(({ id }, which) => ({ id, x, y: at(which), taken: planned.some((one) => one.to?.device === device.id && one.to.socket === id) })),
            ports: Array.from({ length: holes }, (_, which) => ({ x: side, y: at(which), taken: false })),
        };
    };
    const inOrder = <T extends { id: string }>(devices: T[], wanted: (device: T) => number) => devices.map((device) => [device, wanted(device)] as const).sort(([, one], [, other]) => (one === other ? 0 : one - other));
    const middle = inOrder(shown.filter((device) => device.kind !== 'network-hub'), (device) => mean(plugged(device.id).map(({ id }) => rows.get(id) ?? 0))).map(([device, wanted]) => stacked(device, caseX, wanted));
    const middleOf = (device: string) => middle.filter((one) => one.device === device).map((one) => one.top + one.height / 2);
    const hubs = inOrder(shown.filter((device) => device.kind === 'network-hub'), (hub) => mean(cables.filter(({ from, to }) => from === hub.id || to === hub.id).flatMap(({ from, to }) => [...middleOf(from), ...middleOf(to)]))).map(([hub, wanted]) => stacked(hub, hubX, wanted));
    const cases = [...middle, ...hubs];
    const take = (device: string): Hole => {
        const its = cases.find((one) => one.device === device);
        const free = its?.ports.find((port) => !port.taken);
        if (free !== undefined) {
            free.taken = true;
            return free;
        }
        return its?.ports.at(-1) ?? { x: 0, y: 0, taken: true };
    };
    // The uppermost cable takes the uppermost port.
    const placed = cables
        .map((cable) => ({ cable, y: Math.min(...[cable.from, cable.to].flatMap(middleOf), Infinity) }))
        .sort((one, other) => one.y - other.y)
        .map(({ cable }) => ({ id: cable.id, from: take(cable.from), to: take(cable.to) }));
    return {
        width,
        caseX,
        height: Math.max(TOP + planned.length * ROW, ...Object.values(bottoms)) + TOP,
        transducers: planned.map((transducer) => {
            const judged = network?.transducers.find(({ id }) => id === transducer.id);
            return {
                transducer,
                y: rows.get(transducer.id) ?? 0,
                chain: judged?.chain ?? [],
                reached: judged?.reached ?? null,
                needed: judged?.cable_needed_m ?? null,
                socket: cases.find((one) => one.device === transducer.to?.device)?.sockets.find(({ id }) => id === transducer.to?.socket) ?? null,
            };
        }),
        cases,
        cables: placed,
    };
}
