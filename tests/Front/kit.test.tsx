import { MantineProvider } from '@mantine/core';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';

import type { Kit, KitEnd, KitPiece, KitSpool } from '../../resources/js/api/types';
import { SpoolBars } from '../../resources/js/drawings/SpoolBars';
import { told, WiresOnBench } from '../../resources/js/drawings/WiresOnBench';
import { calledBriefly } from '../../resources/js/kit/called';
import { DiesPane } from '../../resources/js/kit/DiesPane';
import { SpoolsPane } from '../../resources/js/kit/SpoolsPane';
import { UnitsContext } from '../../resources/js/units/units';

const end = (changes: Partial<KitEnd> = {}): KitEnd => ({
    first: true, side: '+', at: 'Battery 1 +', kind: 'ring', hole: '3/8', stud: '3/8', suits: true, item: 'Lug 6 AWG (16 mm²), hole 3/8', steps: [{ says: 'strip 0.51 in', figure: 'strip' }], die: 'hexagon 6 AWG', lead_die: null,
    strip: '0.51 in', sleeve: '12/4 mm', pull: '50 lbf', joinable: true, given: null, ...changes,
});
const piece = (changes: Partial<KitPiece> = {}): KitPiece => ({
    id: 'bow+', of: 'feed:bow', circuit: 'Bow motor', wire: '6 AWG red', pair: false, colour: 'red', area_mm2: 13.3, side: '+', cut_m: 2, after_pull: false, from: 'Battery 1 +', to: 'Bow motor +', bank: 'thrust', posts: ['b1+'],
    ends: [end(), end({ first: false, kind: 'step-down', hole: null, stud: null, item: 'Step-down butt 6 AWG to 10 AWG' })], labels: ['a', 'b'], ways: [], asks: [], ...changes,
});
const spool = (changes: Partial<KitSpool> = {}): KitSpool => ({ wire: '6 AWG red', length_m: 15, pieces: [{ wire: 'bow+', m: 2 }], left_m: 13, kept: true, colour: 'red', state: 'free', bound_m: 15, opened_m: 15, ...changes });

const drawn = (what: React.ReactNode) =>
    renderToStaticMarkup(
        <MantineProvider>
            <UnitsContext value={{ system: 'metric', choose: () => undefined, begin: () => undefined }}>{what}</UnitsContext>
        </MantineProvider>,
    );
const bench = (pieces: KitPiece[], chosen: string | null = null) => drawn(<WiresOnBench pieces={pieces} chosen={chosen} lit="feed:bow" onChoose={() => undefined} />);

describe('wires on the bench', () => {
    it('are to scale beside the longest', () => {
        const page = bench([piece(), piece({ id: 'bow-', side: '-', cut_m: 8 })]);
        expect([...page.matchAll(/style="width:([\d.]+)%/g)].map((match) => Number(match[1]))).toEqual([25, 100]);
        expect(page).toContain('data-minus="true"');
        expect(page).toContain('2 m');
    });

    it('say what stands at their ends, once for both conductors of a pair that end alike', () => {
        expect(told(end())).toBe('3/8');
        expect(told(end({ hole: null }))).toBe('?');
        expect(told(end({ kind: 'none' }))).toBe('bare');
        expect(told(end({ kind: 'step-down' }))).toBe('step');
        const pair = bench([piece({ pair: true, ends: [end(), end({ side: '-' }), end({ first: false, hole: 'M6' }), end({ first: false, side: '-', hole: 'M6' })] })]);
        expect(pair.match(/3\/8/g)).toHaveLength(1);
        expect(pair.match(/M6/g)).toHaveLength(1);
    });

    it('show a hole that does not go over its stud', () => {
        expect(bench([piece({ ends: [end({ hole: '1/4', suits: false })] })])).toContain('on 3/8');
        expect(bench([piece()])).not.toContain('on 3/8');
    });

    it('say what has no length yet, what needs no wire and what is cut after the pull', () => {
        expect(bench([piece({ cut_m: null })])).toContain('to measure');
        expect(bench([piece({ cut_m: 0, ends: [] })])).toContain('it sits on the post');
        expect(bench([piece({ after_pull: true })])).toContain('after the pull');
    });

    it('light the piece in hand, and its run', () => {
        const page = bench([piece(), piece({ id: 'other+', of: 'feed:other' })], 'bow+');
        expect(page.match(/aria-pressed="true"/g)).toHaveLength(1);
        expect(page.match(/data-lit/g)).toHaveLength(1);
    });
});

describe('spools', () => {
    it('say where they are and what is left', () => {
        const bars = (one: KitSpool) => drawn(<SpoolBars spools={[one]} pieces={[piece()]} chosen="bow+" onChoose={() => undefined} />);
        expect(bars(spool())).toContain('13 m back to stock');
        expect(bars(spool({ kept: false, left_m: 0.4 }))).toContain('0.4 m: offcut');
        expect(bars(spool({ state: 'bought', length_m: 2.2, left_m: 0.2 }))).toContain('2.2 m, waste and all');
        expect(bars(spool({ state: 'cut', left_m: 0 }))).toMatch(/>cut</);
        // A rest many times as long as what is cut is drawn torn off.
        expect(bars(spool())).toContain('data-torn');
        expect(bars(spool({ length_m: 2.2, left_m: 0.2 }))).not.toContain('data-torn');
    });

    it('say how far from the best a cut may be, only where it is', () => {
        const kit = (one: KitSpool) => ({ says: '', pieces: [piece()], spools: [one], pulls: [], lines: [], tools: [], asks: [], taken: false, prices_of: null, totals: { price: 0, unpriced: 0, short: 0, copper_kg: 0, mass_kg: 0, minutes: 0 } }) satisfies Kit;
        const pane = (one: KitSpool) => drawn(<SpoolsPane kit={kit(one)} chosen={null} onChoose={() => undefined} />);
        expect(pane(spool({ opened_m: 15, bound_m: 14.2 }))).toContain('less than 14.2 m cannot do');
        expect(pane(spool())).not.toContain('cannot do');
    });
});

describe('ends by die', () => {
    it('put everything of one die together, the thinnest wire first', () => {
        const kit = { pieces: [piece(), piece({ id: 'thin+', circuit: 'Hub', area_mm2: 2, ends: [end({ die: 'blue nest', item: 'Ring terminal 14 AWG, hole #8', sleeve: null })] }), piece({ id: 'bow-', side: '-' })] } as Kit;
        const page = drawn(<DiesPane kit={kit} onChoose={() => undefined} />);
        expect([...page.matchAll(/data-die="([^"]+)"/g)].map((match) => match[1])).toEqual(['blue nest', 'hexagon 6 AWG']);
        expect(page).toContain('4 ends');
        expect(page).toContain('has its own');
        expect(drawn(<DiesPane kit={{ pieces: [] } as unknown as Kit} onChoose={() => undefined} />)).toContain('No end is made yet.');
    });

    it('say what no one joint takes', () => {
        const kit = { pieces: [piece({ ends: [end({ kind: 'step-down', joinable: false })] })] } as Kit;
        expect(drawn(<DiesPane kit={kit} onChoose={() => undefined} />)).toContain('step down twice');
    });
});

it('a piece among others is called by its circuit and side', () => {
    expect(calledBriefly(piece({ side: '-' }))).toBe('Bow motor −');
    expect(calledBriefly(piece({ pair: true }))).toBe('Bow motor');
});
