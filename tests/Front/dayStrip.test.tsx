import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';

import type { DayRun, Plan } from '../../resources/js/api/types';
import { movedTo, phaseChanged, withPhasesOf, written } from '../../resources/js/day/phases';
import { DayStrip } from '../../resources/js/drawings/DayStrip';
import { apart, flags, lineThrough, placeAmong } from '../../resources/js/drawings/dayStripLayout';
import { clock, UnitsContext } from '../../resources/js/units/units';
import { skiffJob } from './job';

const device = (id: string, until: number | null) => ({ id, ah: 1, wh: 12, volts_trip_min: 12.1, minutes_until: until, v_min: 10.5 });
const battery = (id: string, end: number) => ({ id, soc_start: 1, soc_end: end, ah_out: 20, ah_in: 0, volts_min: 12, minutes_to_floor: null, minutes_to_empty: null, floor: 0.2, guessed: false });

const run: DayRun = {
    starts_min: 390,
    hours: 2,
    phases: [
        { name: 'out', at_min: 0, minutes: 30, engine: true, home: false },
        { name: 'back', at_min: 30, minutes: 90, engine: false, home: true },
    ],
    batteries: [battery('b1', 0.6), battery('b2', 0.6), battery('b3', 0.5), battery('e1', 0.52)],
    devices: [device('bow-display', 90), device('hub', 90), device('tiller-display', 60), device('live-sonar', null)],
    energy_wh: { batteries: 100, loads: 95, wires: 5, charged: 0 },
    worst: 'tiller-display',
    series: { minutes: [0, 60], soc: { b1: [1, 0.8], b2: [1, 0.8], b3: [1, 0.75], e1: [1, 0.7] }, volts: { 'tiller-display': [12.6, null] } },
};

const drawn = (old = false) =>
    renderToStaticMarkup(
        <UnitsContext value={{ system: 'metric', choose: () => undefined, begin: () => undefined }}>
            <DayStrip job={skiffJob()} run={run} over={[]} live={null} turn={75} onStretch={() => undefined} onMove={() => undefined} step={1 / 12} isOld={old} />
        </UnitsContext>,
    );

describe('day strip', () => {
    it('flags what gives out, first first, together what goes together', () => {
        expect(flags(run)).toEqual([
            { minute: 60, devices: ['tiller-display'] },
            { minute: 90, devices: ['bow-display', 'hub'] },
        ]);
        const svg = drawn();
        expect(svg.match(/data-out=/g)).toHaveLength(2);
        expect(svg).toContain('07:30 9 in display, tiller out');
        expect(svg).toContain('turn home by 07:45');
    });

    it('draws a line for each battery, and says for each bank how the worst of it ends', () => {
        const thrust = /data-bank="thrust".*?<\/g>/.exec(drawn())?.[0] ?? '';
        expect(thrust.match(/<path/g)).toHaveLength(3);
        expect(thrust).toContain('50 %');
    });

    it('has an end of each phase that a hand or a key moves', () => {
        const svg = drawn();
        expect(svg.match(/role="slider"/g)).toHaveLength(2);
        expect(svg).toContain('aria-label="End of back"');
        expect(svg).toContain('aria-valuetext="1 h 30"');
        expect(drawn(true)).toContain('data-old');
        expect(svg).not.toContain('data-old');
    });

    it('breaks a line where nothing is known', () => {
        expect(lineThrough([0, 1, 2, 3], [5, null, 6, 7])).toBe('M0.0 5.0M2.0 6.0L3.0 7.0');
    });

    it('pushes names apart, in their order, and none below the edge', () => {
        expect(apart([50, 10, 52], 18, 200)).toEqual([50, 10, 68]);
        expect(apart([190, 195], 18, 200)).toEqual([182, 200]);
    });

    it('says the time of day as people do where they are', () => {
        expect([clock(390, 'metric'), clock(390, 'imperial'), clock(0, 'imperial'), clock(780, 'imperial'), clock(1500, 'metric')]).toEqual(['06:30', '6:30 am', '12:00 am', '1:00 pm', '01:00, the day after']);
    });

    it('changes one phase and leaves the others', () => {
        expect(phaseChanged([{ name: 'a', hours: 1 }, { name: 'b' }], 1, { hours: written(0.33333) })).toEqual([{ on: 'plan', set: { 'trip.phases': [{ name: 'a', hours: 1 }, { name: 'b', hours: 0.3333 }] } }]);
    });

    it('hatches a phase the closer the more thrust it has, and lays the tide above the floor of the bank that ends lowest', () => {
        const svg = drawn();
        const strokes = [...svg.matchAll(/d="([^"]*)"[^>]*data-thrust="([0-9.]+)"/g)].map(([, path, thrust]) => [path?.match(/M/g)?.length ?? 0, Number(thrust)]);
        expect(strokes.length).toBe(2);
        expect(svg).toContain('data-tide=');
        expect(svg).toContain('data-pennant');
    });

    it('puts a phase where it is dragged to, past the middles of others', () => {
        const [first, second] = run.phases;
        expect(placeAmong(run, 0, 0)).toBe(0);
        expect(placeAmong(run, 0, ((first?.minutes ?? 0) / 2 + (second?.minutes ?? 0)) / 60)).toBe(1);
        expect(placeAmong(run, 1, -10)).toBe(0);
        expect(drawn().match(/arrows move it earlier or later/g)).toHaveLength(2);
        const plan = { trip: { phases: [{ name: 'a' }, { name: 'b' }, { name: 'c' }] } } as unknown as Plan;
        expect(movedTo(plan, 0, 2).patch[0]).toEqual({ on: 'plan', set: { 'trip.phases': [{ name: 'b' }, { name: 'c' }, { name: 'a' }] } });
        expect(movedTo(plan, 2, 0).patch[0]).toEqual({ on: 'plan', set: { 'trip.phases': [{ name: 'c' }, { name: 'a' }, { name: 'b' }] } });
        expect([movedTo(plan, 1, 1).patch, movedTo(plan, 1, 3).patch, movedTo(plan, 4, 0).patch]).toEqual([[], [], []]);
    });

    it('lays other days over it, each with its letter, and a monitor that is watched as a dot', () => {
        const svg = renderToStaticMarkup(
            <UnitsContext value={{ system: 'metric', choose: () => undefined, begin: () => undefined }}>
                <DayStrip job={skiffJob()} run={run} over={[{ letter: 'A', says: 'one more', lines: { minutes: [0, 480], banks: [{ id: 'thrust', soc: [1, 0.6] }], out_min: null } }]} live={{ minute: 30, charge: 0.9 }} turn={null} onStretch={null} onMove={() => undefined} step={1 / 12} isOld={false} />
            </UnitsContext>,
        );
        expect(svg).toContain('A Thrust 60 %');
        expect(svg).toContain('now 90 %');
        expect(svg).toContain('14:00');
        expect(svg).not.toContain('role="slider"');
    });

    it('draws phases as the plan has them while the day is still computed', () => {
        const plan = { trip: { phases: [{ name: 'out', hours: 0.5 }, { name: 'fishing' }, { name: 'back', hours: 0.25, home: true }] } } as unknown as Plan;
        const now = withPhasesOf(plan, run);
        expect(now.phases.map(({ name, at_min, minutes, home }) => [name, at_min, minutes, home])).toEqual([['out', 0, 30, false], ['fishing', 30, 60, false], ['back', 90, 15, true]]);
        expect(now.hours).toBe(1.75);
        expect(now.series).toBe(run.series);
    });
});
