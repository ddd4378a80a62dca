import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

import subsetFont from 'subset-font';
import type { Plugin } from 'vite';

/** The signs between figures, units and words; letters with accents come with the whole face when a name needs one. */
const SIGNS = '\u00A0°±²³µ·¼½¾×\u2009–—‘’“”…\u202F−';
const ASCII = String.fromCharCode(...Array.from({ length: 0x7f - 0x20 }, (_, at) => 0x20 + at));
const FIRST = ASCII + SIGNS;

const FACES = [
    ['barlow', 'Barlow', 400],
    ['barlow', 'Barlow', 600],
    ['barlow-condensed', 'Barlow Condensed', 600],
    ['ibm-plex-mono', 'IBM Plex Mono', 400],
    ['ibm-plex-mono', 'IBM Plex Mono', 600],
] as const;

const NAME = 'virtual:first-faces.css';

function range(text: string): string {
    return Array.from(text, (sign) => `U+${sign.codePointAt(0)?.toString(16).toUpperCase() ?? ''}`).join(',');
}

/**
 * The small type a first page is read in: of each face the plain letters, figures and signs, a third of its weight.
 * Stands after the whole faces in the style sheet, so a browser looks here first and fetches a whole face only for a letter that is missing.
 */
export function firstFaces(): Plugin {
    const packages = createRequire(import.meta.url);
    const folder = join(import.meta.dirname, '../node_modules/.cache/first-faces');
    return {
        name: 'first-faces',
        resolveId: (id) => (id === NAME ? join(folder, 'faces.css') : null),
        async buildStart() {
            mkdirSync(folder, { recursive: true });
            const rules = await Promise.all(
                FACES.map(async ([pack, family, weight]) => {
                    const whole = join(dirname(packages.resolve(`@fontsource/${pack}/package.json`)), `files/${pack}-latin-${weight}-normal.woff2`);
                    const file = `${pack}-first-${weight}.woff2`;
                    writeFileSync(join(folder, file), await subsetFont(readFileSync(whole), FIRST, { targetFormat: 'woff2' }));
                    return `@font-face{font-family:'${family}';font-weight:${weight};font-display:swap;src:url(./${file}) format('woff2');unicode-range:${range(FIRST)}}`;
                }),
            );
            writeFileSync(join(folder, 'faces.css'), rules.join('\n'));
        },
    };
}
