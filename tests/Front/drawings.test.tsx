import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';

import type { Layout, PlannedJob, Survey } from '../../resources/js/api/types';
import { BoreDrawing } from '../../resources/js/drawings/BoreDrawing';
import { BOW_RIGHT, BOW_UP } from '../../resources/js/drawings/boatGeometry';
import { Fittings } from '../../resources/js/drawings/Fittings';
import { HeadingSensorDrawing } from '../../resources/js/drawings/mounting/HeadingSensorDrawing';
import { MotorSizeDrawing } from '../../resources/js/drawings/mounting/MotorSizeDrawing';
import { MountingDrawing } from '../../resources/js/drawings/mounting/MountingDrawing';
import { PathDrawing } from '../../resources/js/drawings/PathDrawing';
import { TubeFromAbove } from '../../resources/js/drawings/TubeFromAbove';
import { UnitsContext } from '../../resources/js/units/units';

const metric = (drawing: React.ReactNode) => renderToStaticMarkup(<UnitsContext value={{ system: 'metric', choose: () => undefined, begin: () => undefined }}>{drawing}</UnitsContext>);
/** An attribute of the first element that is marked as a part. */
const attribute = (svg: string, name: string, which: string) => new RegExp(`<[^>]*data-part="${name}"[^>]*>`).exec(svg)?.[0].match(new RegExp(`\\b${which}="([^"]*)"`))?.[1] ?? '';
const numbers = (text: string) => (text.match(/-?\d+(\.\d+)?(e-?\d+)?/g) ?? []).map(Number);

describe('a path as it was found', () => {
    type Check = NonNullable<NonNullable<PlannedJob['plan']['survey']>['path_checks']>[number];
    const judged = { id: 'c', label: 'Left screen', where: 'console inlet and behind the switch', limit_v: 0.36 } as Survey['checks'][number];
    const check = { id: 'c', battery_rest_v: 12.65, battery_loaded_v: 12.6, device_loaded_v: 10.85, length_m: 3.4, between: [{ name: 'console inlet', loaded_v: 12.4, along_m: 2.4 }, { name: 'behind the switch', loaded_v: 11, along_m: 2.6 }] } as Check;

    it('marks the stretch that loses most, with what it loses', () => {
        const svg = metric(<PathDrawing check={check} judged={judged} />);
        expect(svg.match(/data-lost/g)).toHaveLength(1);
        expect(svg).toContain('−1.40 V');
        expect(svg).toContain('may fall to 12.24 V');
        expect(svg).toContain('aria-label="Left screen: 12.60 V at the battery, 12.40 V at console inlet, 11.00 V at behind the switch, 10.85 V at the device"');
    });

    it('stands the points where they are along the wire, and evenly where nobody measured', () => {
        const places = (svg: string) => [...svg.matchAll(/<circle cx="([\d.]+)"/g)].map((match) => Number(match[1]));
        const [battery = 0, inlet = 0, behind = 0, device = 0] = places(metric(<PathDrawing check={check} judged={judged} />));
        expect((inlet - battery) / (device - battery)).toBeCloseTo(2.4 / 3.4, 6);
        expect((behind - battery) / (device - battery)).toBeCloseTo(2.6 / 3.4, 6);
        const loose = places(metric(<PathDrawing check={{ ...check, between: [{ name: 'console inlet', loaded_v: 12.4 }] }} judged={judged} />));
        expect(((loose[1] ?? 0) - (loose[0] ?? 0)) / ((loose[2] ?? 0) - (loose[0] ?? 0))).toBeCloseTo(0.5, 6);
    });

    it('says what to measure where there is nothing to draw', () => {
        expect(metric(<PathDrawing check={{ id: 'c' }} judged={undefined} />)).toContain('Measure the volts at the battery and at the device');
    });
});

describe('tubes', () => {
    const bore = { diameter_mm: 38, fill_pct: 20, limit_pct: 40, room_mm: 12, too_full: false, cables: [{ run: 'house', name: 'plus', diameter_mm: 7.2, x_mm: 1, y_mm: -12 }, { run: null, name: 'there before', diameter_mm: 9, x_mm: -8, y_mm: -10 }] };

    it('are cut across to scale, the run in hand lit, what was there before told apart', () => {
        const svg = metric(<BoreDrawing bore={bore} label="Tube" run="house" />);
        expect(svg).toContain('aria-label="Tube: 2 cables in 38 mm, 20 % full"');
        expect(svg).toContain('<circle cx="1" cy="12" r="3.6"');
        expect(svg.match(/data-lit/g)).toHaveLength(1);
        expect(svg.match(/data-old/g)).toHaveLength(1);
    });

    it('are filled from above by their share of what they may hold', () => {
        const tube = (changes: Partial<typeof bore>) => metric(<svg><TubeFromAbove d="M0 0L4 0" pixel={0.01} bore={{ ...bore, ...changes }} isLit={false} spots={[{ x: 0, y: 0 }, { x: 4, y: 0 }]} /></svg>);
        const inside = Number(attribute(tube({}), 'bore', 'stroke-width'));
        expect(Number(attribute(tube({}), 'fill', 'stroke-width'))).toBeCloseTo(inside / 2, 6);
        expect(Number(attribute(tube({ fill_pct: 80, too_full: true }), 'fill', 'stroke-width'))).toBeCloseTo(inside, 6);
        expect(tube({ fill_pct: 0 })).not.toContain('data-part="fill"');
        expect(tube({})).toContain('20 %');
        // The words stand below a way that leads forward, at its middle.
        expect(attribute(tube({}), 'full', 'x')).toBe('2');
        expect(Number(attribute(tube({}), 'full', 'y'))).toBeCloseTo(0.13, 6);
    });
});

describe('what is fitted', () => {
    type Fitting = Layout['fittings'][number];
    const screen = (id: string): Fitting => ({ on: `device:${id}`, label: id, kind: 'display', station: 'console', at: [2, 0], size_m: null, own_place: false });
    const draw = (fittings: Fitting[], canChange = true) =>
        metric(
            <svg>
                <Fittings fittings={fittings} chosen="device:s1" onChoose={() => undefined} view={BOW_RIGHT} pixel={0.01} reach={12} room={{ left: -1, right: 7 }} held={null} stationOf={() => ({ x: 2, y: 0, free: 1 })} acts={canChange ? { hold: () => () => undefined, place: () => undefined } : null} />
            </svg>,
        );
    const placesOf = (svg: string) => [...svg.matchAll(/transform="translate\(([-\d.e]+) ([-\d.e]+)\)"/g)].map((match) => [Number(match[1]), Number(match[2])] as const);

    it('stands in rows of four beside its station, none on another', () => {
        const places = placesOf(draw(['s1', 's2', 's3', 's4', 's5'].map(screen)));
        expect(places).toHaveLength(5);
        for (const [at, [x, y]] of places.entries()) {
            for (const [otherX, otherY] of places.slice(at + 1)) {
                expect(Math.hypot(x - otherX, y - otherY)).toBeGreaterThan(0.2);
            }
        }
        // The middle of the first row is the station's; the fifth stands alone below it.
        expect(places.slice(0, 4).reduce((sum, [x]) => sum + x, 0) / 4).toBeCloseTo(2, 6);
        expect(places[4]?.[0]).toBeCloseTo(2, 6);
        expect(places[4]?.[1]).toBeGreaterThan(places[0]?.[1] ?? Infinity);
    });

    it('stays within the drawing where its station stands at the edge, and takes more room where fingers press', () => {
        const places = (room: { left: number; right: number }, reach: number) =>
            placesOf(metric(<svg><Fittings fittings={['s1', 's2', 's3'].map(screen)} chosen="" onChoose={() => undefined} view={BOW_UP} pixel={0.01} reach={reach} room={room} held={null} stationOf={() => ({ x: 0.9, y: -2, free: 1 })} acts={null} /></svg>));
        const xs = places({ left: -1, right: 1 }, 22).map(([x]) => x);
        expect(Math.max(...xs)).toBeCloseTo(1 - 0.22, 6);
        expect((xs[1] ?? 0) - (xs[0] ?? 0)).toBeGreaterThanOrEqual(0.44);
        expect(places({ left: -9, right: 9 }, 22)[1]?.[0]).toBeCloseTo(0.9, 6);
    });

    it('stands at its own place, port upwards, and batteries to scale', () => {
        const heading: Fitting = { ...screen('heading'), kind: 'heading-sensor', at: [4.4, 0.3], own_place: true };
        expect(placesOf(draw([heading]))).toEqual([[4.4, -0.3]]);
        const battery: Fitting = { on: 'battery:b1', label: 'Battery 1 of thrust', kind: 'battery', station: 'stern', at: [0.5, 0.1], size_m: [0.33, 0.17], own_place: true };
        expect(draw([battery])).toContain('width="0.33" height="0.17"');
    });

    it('has its name shown when it is in hand, and tells what keys do only where they do it', () => {
        expect(draw([screen('s1'), screen('s2')]).match(/<text/g)).toHaveLength(1);
        expect(draw([screen('s1')])).toContain('aria-label="s1: at its station. Arrows move it"');
        expect(draw([screen('s1')], false)).toContain('aria-label="s1: at its station"');
        expect(draw([{ ...screen('block'), kind: 'block' }])).not.toContain('Arrows');
    });
});

describe('mounting', () => {
    const drawn = (field: string, measures: Record<string, number>) => metric(<MountingDrawing field={field} measures={measures} good={true} label="" />);

    /** The drawing has the clearance that the core computes: the edge's distance from the shaft's axis. */
    it('draws a shaft as far from the bow as it clears it', () => {
        for (const [setback, reach, drop, slope] of [[0.3, 0.4, 0, 0], [0.35, 0.42, 0.05, 12], [0.5, 0.45, 0.1, -8]] as const) {
            const svg = drawn('deploy', { setback_m: setback, reach_m: reach, edge_drop_m: drop, slope_deg: slope, shaft_mm: 32 });
            const [ax = 0, ay = 0, bx = 0, by = 0] = numbers(attribute(svg, 'shaft', 'd'));
            const [cx, cy] = [Number(attribute(svg, 'mark', 'cx')), Number(attribute(svg, 'mark', 'cy'))];
            const distance = ((by - ay) * (ax - cx) - (bx - ax) * (ay - cy)) / Math.hypot(bx - ax, by - ay);
            const turn = (slope * Math.PI) / 180;
            expect(distance).toBeCloseTo(reach - setback * Math.cos(turn) + drop * Math.sin(turn), 6);
        }
    });

    it('draws the hub as deep as it hangs', () => {
        const svg = drawn('shaft', { length_m: 1.5, mount_height_m: 0.6, collar_m: 0.1, lean_deg: 20 });
        const hub = Number(/<ellipse[^>]*cy="([^"]*)"/.exec(svg)?.[1]);
        expect(hub - 0.6).toBeCloseTo(1.4 * Math.cos((20 * Math.PI) / 180) - 0.6, 6);
    });

    it('sweeps as far as head and cord reach, to one side', () => {
        const svg = drawn('sweep', { head_m: 0.28, cord_m: 0.34, rail_m: 0.55, door_m: 0.9, offset_m: 0.12 });
        expect([...svg.matchAll(/<circle cx="0.12" cy="0" r="([\d.]+)"/g)].map((match) => Number(match[1])).sort()).toEqual([0.025, 0.28, 0.34]);
        expect(attribute(svg, 'rail', 'd')).toContain('M-0.55');
    });

    it('opens its cone of sight by 45° to either side of square', () => {
        const svg = drawn('seen_from_helm', { away_m: 0.8, below_m: 0.3, tilt_deg: 25 });
        const [x = 0, y = 0, ax = 0, ay = 0, bx = 0, by = 0] = numbers(attribute(svg, 'cone', 'd'));
        const [reach, other] = [Math.hypot(ax - x, ay - y), Math.hypot(bx - x, by - y)];
        expect(((ax - x) * (bx - x) + (ay - y) * (by - y)) / (reach * other)).toBeCloseTo(0, 6);
        // The middle of the cone is square to the face, which is tipped back by 25° and looks towards the eye.
        expect(Math.atan2(y - (ay + by) / 2, x - (ax + bx) / 2)).toBeCloseTo((25 * Math.PI) / 180, 6);
    });

    it('draws nothing for a question that it does not know', () => {
        expect(drawn('nothing', {})).toBe('');
    });

    it('sets push beside what is asked for, by their lengths', () => {
        const svg = metric(<MotorSizeDrawing good={false} label="" thrust_n={100} needed_n={200} windage_m2={2.4} beam_m={2} twoHulls={false} />);
        expect(Number(attribute(svg, 'motor', 'width')) / Number(attribute(svg, 'asked', 'width'))).toBeCloseTo(0.5, 6);
        expect(svg).toContain('2.4 m²');
        expect(metric(<MotorSizeDrawing good={null} label="" thrust_n={100} needed_n={null} windage_m2={null} beam_m={null} twoHulls={true} />)).toContain('not weighed');
    });

    it('marks what lies nearer to a heading sensor than it may', () => {
        const disturbance = (label: string, distance: number, y: number) => ({ label, amps: null, distance_m: distance, lines: [[[2, y]]] });
        const place = { on: 'device:h', label: 'h', asks: '', good: false, says: '', at: [2, 0], clear_m: 1, disturbances: [disturbance('motor', 0.6, 0.6), disturbance('radio', 1.4, -1.4)] } as unknown as Layout['places'][number];
        const svg = metric(<HeadingSensorDrawing good={false} label="" place={place} hull={null} />);
        expect(svg.match(/data-near/g)).toHaveLength(1);
        expect(svg).toContain('data-good="false"');
    });
});
