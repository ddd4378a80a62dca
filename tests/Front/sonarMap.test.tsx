import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';

import type { PlannedJob, Sonar } from '../../resources/js/api/types';
import { SonarMap } from '../../resources/js/drawings/SonarMap';
import { sonarMap } from '../../resources/js/drawings/sonarMapLayout';
import { TrunkDrawing } from '../../resources/js/drawings/TrunkDrawing';
import { UnitsContext } from '../../resources/js/units/units';
import { skiffJob } from './job';

type Network = NonNullable<PlannedJob['evaluation']['network']>;

/** The skiff with what the server would say of her data side. */
function sounding(changes: Partial<Network['transducers'][number]> = {}): PlannedJob {
    const job = skiffJob();
    const transducers = (job.plan.network?.transducers ?? []).map(({ id, cable_m: cable = 0 }) => ({ id, reached: true, chain: id === 'transom-transducer' ? ['adapter-a-b'] : [], functions: ['depth'], lost: [], cable_needed_m: cable - 1, ...(id === 'transom-transducer' ? changes : {}) }));
    const network: Network = { transducers, ports: [{ device: 'hub', ports: 5, used: 3 }, ...['bow-display', 'tiller-display', 'live-sonar'].map((device) => ({ device, ports: 1, used: 1 }))], screens: [], backbones: [] };
    return { ...job, evaluation: { ...job.evaluation, network } };
}

const drawn = (node: React.ReactNode) => renderToStaticMarkup(<UnitsContext value={{ system: 'metric', choose: () => undefined, begin: () => undefined }}>{node}</UnitsContext>);
const map = (job: PlannedJob) => drawn(<SonarMap job={job} selected="" onSelect={() => undefined} slips={[]} />);

describe('sonar map', () => {
    it('stands no case on another, and each cable ends in a port of its own', () => {
        for (const room of [400, 836, 1400]) {
            const { cases, cables, width, height } = sonarMap(sounding(), room);
            for (const [at, one] of cases.entries()) {
                expect(one.top + one.height).toBeLessThanOrEqual(height);
                expect(one.x + 178).toBeLessThan(width);
                for (const other of cases.slice(at + 1)) {
                    expect(one.x !== other.x || one.top + one.height < other.top || other.top + other.height < one.top).toBe(true);
                }
            }
            const ends = cables.flatMap(({ from, to }) => [`${from.x} ${from.y}`, `${to.x} ${to.y}`]);
            expect(ends).toHaveLength(6);
            expect(new Set(ends).size).toBe(6);
        }
    });

    it('leads each transducer to the socket that it is plugged into', () => {
        const { transducers, cases } = sonarMap(sounding(), 836);
        const socket = cases.find((one) => one.device === 'tiller-display')?.sockets[0];
        expect(socket?.taken).toBe(true);
        expect(transducers.find(({ transducer }) => transducer.id === 'transom-transducer')?.socket).toBe(socket);
    });

    it('draws free ports hollow, an adapter in its line, and a tick for each whole metre', () => {
        const svg = map(sounding());
        expect(svg.match(/data-hole="free"/g)).toHaveLength(2);
        expect(svg).toContain('data-link="adapter-a-b"');
        expect(svg).toContain('2 ports free');
        const rope = /data-rope="transom-transducer".*?<\/g>/.exec(svg)?.[0] ?? '';
        expect(rope.match(/v6"/g)).toHaveLength(6);
        expect(rope).toContain('data-coil="transom-transducer"');
        expect(rope).toContain('1.00 m to stow'.replace('.00', ''));
    });

    it('opens the plug of the block in hand to its pins, beside its place in the line', () => {
        const job = sounding();
        const landings = [1, 2, 3].map((pin) => ({ pin, carries: 'sonar+', colour: pin === 3 ? null : 'blue', wire_carries: null, right: pin !== 2, cut_mm: 25 }));
        const slip = { block: 'tb', transducer: 'transom-transducer', landings, left_over: [] } as Sonar['slips'][number];
        const opened = (selected: string) => drawn(<SonarMap job={job} selected={selected} onSelect={() => undefined} slips={[slip]} />);
        expect(opened('terminal-block:tb')).toContain('Plug from its wire side: pin 1 blue; pin 2 blue, wrong; pin 3 free');
        expect(opened('transducer:transom-transducer')).not.toContain('data-opened');
    });

    it('says where two plugs are meant for one socket', () => {
        const job = sounding();
        const transducers = (job.plan.network?.transducers ?? []).map((one) => ({ ...one, to: { device: 'bow-display', socket: 'sonar' } }));
        expect(map(job)).not.toContain('1 socket');
        expect(map({ ...job, plan: { ...job.plan, network: { ...job.plan.network, transducers } } })).toContain('3 plugs, 1 socket');
    });

    it('counts extensions with a transducer’s own cable', () => {
        const job = sounding();
        const transducers = (job.plan.network?.transducers ?? []).map((one) => (one.id === 'bow-transducer' ? { ...one, extensions: [{ length_m: 3 }] } : one));
        expect(map({ ...job, plan: { ...job.plan, network: { ...job.plan.network, transducers } } })).toContain('7.5 m with its extension');
    });

    it('says what lacks, and dashes what is missing', () => {
        const short = map(sounding({ cable_needed_m: 6.5 }));
        expect(short).toContain('lacks');
        expect(short).not.toContain('data-coil="transom-transducer"');
        const missing = map(sounding({ reached: false, chain: [] }));
        expect(missing).toContain('data-missing');
        expect(missing).toContain('nothing joins it');
    });
});

describe('a backbone', () => {
    const backbone = { id: 'bus', cable: 'light', length_m: 10, terminators: ['start'], power: [{ at_m: 2, volts: 12.5 }], nodes: [{ device: 'hub', at_m: 4, drop_m: 1 }, { device: 'bow-display', at_m: 8, drop_m: 3 }] } as const;
    const judged = { id: 'bus', nodes: 2, len: 2, trunk_m: 10, drops_m: 4, longest_drop_m: 3, terminators: 1, power_taps: 1, volts_min: 11.87, drop_v: 0.6, worst: 'bow-display', across_ohm: 120 };
    const svg = drawn(<TrunkDrawing job={sounding()} backbone={structuredClone(backbone) as never} judged={judged} onMove={null} onDraft={() => undefined} />);

    it('stands its tees to scale, and says where the volts are least and what is missing at its ends', () => {
        const at = (device: string) => Number(new RegExp(`data-node="${device}"><path d="M([\\d.]+) `).exec(svg)?.[1]);
        // Of 716 px of trunk, four tenths of it between the two tees.
        expect(at('bow-display') - at('hub')).toBeCloseTo(0.4 * 716, 6);
        expect(svg).toContain('11.87');
        expect(svg).toContain('no terminator');
        expect(svg.match(/120 Ω/g)).toHaveLength(1);
    });
});
