import { readFileSync } from 'node:fs';

import { describe, expect, it } from 'vitest';

import { potentialTint } from '../../resources/js/drawings/potential';

const sheet = readFileSync('resources/js/look/paper.css', 'utf8');
const colours = (rule: string) => new Map([...(new RegExp(`${rule.replace(/[[\]]/g, '\\$&')} \\{([^}]*)\\}`).exec(sheet)?.[1] ?? '').matchAll(/(--[\w-]+): ([^;]+);/g)].map(([, name = '', value = '']) => [name, value]));
const THEMES = { paper: colours(':root'), locker: colours(":root[data-mantine-color-scheme='dark']") };

/** red, green and blue, 0 to 255 */
function rgb(written = ''): number[] {
    const digits = /^#(\w{3}|\w{6})$/.exec(written)?.[1]?.replace(/^(.)(.)(.)$/, '$1$1$2$2$3$3').match(/../g);
    return digits?.map((pair) => parseInt(pair, 16)) ?? written.match(/\d+/g)?.map(Number) ?? [];
}

/** Relative luminance: WCAG 2.2, definitions, from memory. */
function luminance(colour: number[]): number {
    const [red = 0, green = 0, blue = 0] = colour.map((part) => (part / 255 <= 0.04045 ? part / 255 / 12.92 : ((part / 255 + 0.055) / 1.055) ** 2.4));
    return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

function contrast(one: number[], other: number[]): number {
    const [high = 0, low = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
    return (high + 0.05) / (low + 0.05);
}

describe.each(Object.entries(THEMES))('on %s', (_theme, theme) => {
    const tint = (volts: number | null) => {
        const mixed = /^color-mix\(in srgb, var\((.+)\) (\d+)%, var\((.+)\)\)$/.exec(potentialTint(volts));
        const low = rgb(theme.get(mixed?.[3] ?? '--volts-0'));
        const high = rgb(theme.get(mixed?.[1] ?? '--volts-0'));
        return low.map((part, at) => part + (Number(mixed?.[2] ?? 0) / 100) * ((high[at] ?? 0) - part));
    };

    it('has the same colours as on the other', () => {
        expect([...theme.keys()].filter((name) => !['--name', '--figure'].includes(name))).toEqual([...THEMES.locker.keys()]);
    });

    it('has one tint for equal volts, deeper with every volt', () => {
        expect(tint(0)).toEqual(rgb(theme.get('--volts-0')));
        expect(tint(39)).toEqual(rgb(theme.get('--volts-39')));
        expect(potentialTint(null)).toBe(potentialTint(0));
        expect(potentialTint(90)).toBe(potentialTint(60));
        for (let volts = 1; volts <= 60; volts++) {
            expect(luminance(tint(volts))).toBeLessThan(luminance(tint(volts - 1)));
        }
    });

    it('reads: letters reach 4.5 to 1 on every ground, lines and rings 3 to 1', () => {
        const on = (letters: string, ground: string) => contrast(rgb(theme.get(letters)), rgb(theme.get(ground)));
        for (const ground of ['--paper', '--paper-deep', '--sheet', '--raised', '--straw', '--wheat']) {
            for (const letters of ['--ink', '--ink-soft', '--slate', '--ochre', '--brick']) {
                expect([letters, ground, on(letters, ground)]).toEqual([letters, ground, expect.toSatisfy((ratio: number) => ratio >= 4.5)]);
            }
            expect(on('--moss', ground)).toBeGreaterThanOrEqual(3);
            expect(on('--copper', ground)).toBeGreaterThanOrEqual(3);
            expect(on('--charcoal', ground)).toBeGreaterThanOrEqual(3);
        }
        // The ring about a wire that has the focus lets what it is about shine through (lines.module.css).
        const veil = Number(/:focus-visible > \.glow \{[^}]*stroke-opacity: ([\d.]+)/.exec(readFileSync('resources/js/drawings/lines.module.css', 'utf8'))?.[1]);
        for (const ground of ['--paper', '--sheet', '--paper-deep']) {
            const below = rgb(theme.get(ground));
            const ring = rgb(theme.get('--slate')).map((part, at) => veil * part + (1 - veil) * (below[at] ?? 0));
            expect([ground, contrast(ring, below)]).toEqual([ground, expect.toSatisfy((ratio: number) => ratio >= 3)]);
        }
        // What is current stands in letters of the sheet's colour.
        expect(on('--sheet', '--slate')).toBeGreaterThanOrEqual(4.5);
    });
});
