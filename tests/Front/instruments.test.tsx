import { renderToStaticMarkup } from 'react-dom/server';
import { afterEach, describe, expect, it, vi } from 'vitest';

import type { SentenceLog } from '../../resources/js/api/types';
import { PlugFace } from '../../resources/js/drawings/PlugFace';
import { measuredWords } from '../../resources/js/sonar/measuredWords';
import { readLog, together } from '../../resources/js/sonar/readLog';

const told = (measured: string, value: number, unit = '') => measuredWords({ measured, unit, value }, 'metric');
const none: SentenceLog = { lines: 0, sentences: 0, kinds: {}, refused: 0, listed: [], values: [] };
const depth = (least: number, most: number, last: number) => [{ measured: 'depth', label: 'depth', unit: 'm', least, most, last }];

describe('A value of an instrument', () => {
    it('reads as on a screen', () => {
        expect(told('depth', 4.24)).toBe('4.2\u00a0m');
        expect(measuredWords({ measured: 'depth', unit: 'm', value: 4.572 }, 'imperial')).toBe('15 ft');
        expect([told('heading-magnetic', 7.2), told('heading-true', 359.7)]).toEqual(['007°', '000°']);
        // 48° 7.038′ and 11° 31′, west and south below zero
        expect([told('latitude', 48.1173), told('longitude', -11.516667)]).toEqual(['48° 7.04′ N', '11° 31.00′ W']);
        // a knot is 1852 m an hour
        expect([told('speed-over-ground', 1852 / 3600), told('volts', 12.608)]).toEqual(['1.0\u00a0kn', '12.61\u00a0V']);
        expect(told('water-temperature', 11.55, '°C')).toMatch(/^11\.[56]\u00a0°C$/);
    });
});

describe('A log of sentences', () => {
    afterEach(() => vi.unstubAllGlobals());

    it('is one, though it was read in two', () => {
        const before = { ...none, lines: 3, sentences: 2, kinds: { DBT: 2 }, refused: 1, listed: [{ line: 2, why: 'no sentence', text: 'x' }], values: depth(4, 5, 5) };
        const after = { ...none, lines: 2, sentences: 2, kinds: { DBT: 1, MTW: 1 }, values: depth(3, 4, 4) };
        expect(together(before, after)).toEqual({ lines: 5, sentences: 4, kinds: { DBT: 3, MTW: 1 }, refused: 1, listed: before.listed, values: depth(3, 5, 4) });
    });

    it('goes in pieces that end with a line, and each is told how many came before', async () => {
        const line = `${'x'.repeat(99)}\n`;
        const sent: { after: string; body: string; type: string }[] = [];
        vi.stubGlobal('document', { cookie: '' });
        vi.stubGlobal('fetch', (address: string, request: { body: string; headers: Record<string, string> }) => {
            sent.push({ after: new URL(address, 'http://x').searchParams.get('after') ?? '', body: request.body, type: request.headers['Content-Type'] ?? '' });
            return Promise.resolve(new Response(JSON.stringify({ ...none, lines: request.body.split('\n').length - 1 })));
        });
        const shares: number[] = [];
        // Two million bytes and a half line: pieces of a million end where a line does.
        const log = await readLog(new Blob([line.repeat(15_003), 'half']), (share) => shares.push(share));
        expect(log.lines).toBe(15_003);
        expect(sent.map(({ after }) => after)).toEqual(['0', '10000']);
        expect(sent.every(({ body, type }) => (body.endsWith('\n') || body.endsWith('half')) && type === 'text/plain')).toBe(true);
        expect(sent.map(({ body }) => body).join('')).toBe(`${line.repeat(15_003)}half`);
        expect(shares.at(-1)).toBe(1);
    });
});

describe('The face of a plug', () => {
    const pins = [1, 2, 3].map((pin) => ({ pin, colour: pin === 3 ? null : 'red', isWrong: pin === 2 }));
    const places = (side: 'mating' | 'wire') => [...renderToStaticMarkup(<PlugFace side={side} pins={pins} />).matchAll(/<circle cx="([\d.]+)" cy="([\d.]+)" r="15"/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

    it('runs the other way round from its other side', () => {
        const [mating, wire] = [places('mating'), places('wire')];
        expect(mating).toHaveLength(3);
        mating.forEach(([x, y], at) => {
            expect(wire[at]?.[0]).toBeCloseTo(200 - x, 6);
            expect(wire[at]?.[1]).toBeCloseTo(y, 6);
        });
    });

    it('is told to who does not see it', () => {
        expect(renderToStaticMarkup(<PlugFace side="wire" pins={pins} />)).toContain('Plug from its wire side: pin 1 red; pin 2 red, wrong; pin 3 free');
    });
});
