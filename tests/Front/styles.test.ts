import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

import { expect, test } from 'vitest';

const scripts = readdirSync('resources/js', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.tsx')).map((name) => join('resources/js', name));
const sheets = readdirSync('resources/js', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.module.css')).map((name) => join('resources/js', name));

/** The classes of each style sheet that scripts name; null where one hands all of them on to a component of the library. */
function named(): Map<string, Set<string> | null> {
    const uses = new Map<string, Set<string> | null>();
    for (const script of scripts) {
        const text = readFileSync(script, 'utf8');
        for (const [, name = '', path = ''] of text.matchAll(/import (\w+) from '([^']+\.module\.css)'/g)) {
            const sheet = normalize(join(dirname(script), path));
            const before = uses.get(sheet);
            const whole = new RegExp(`classNames=\\{${name}\\}|\\b${name}\\[`).test(text);
            const classes = [...text.matchAll(new RegExp(`(?<![.\\w])${name}\\.(\\w+)`, 'g'))].map((found) => found[1] ?? '').filter((one) => one !== 'module');
            uses.set(sheet, before === null || whole ? null : new Set([...(before ?? []), ...classes]));
        }
    }
    return uses;
}

const classesOf = (sheet: string) => new Set([...readFileSync(sheet, 'utf8').matchAll(/\.([a-zA-Z]\w*)(?=[^{}]*\{)/g)].map((found) => found[1] ?? ''));

test('every class that a script names has its style, and every style is named', () => {
    const wrong: string[] = [];
    const uses = named();
    for (const sheet of sheets) {
        const used = uses.get(sheet);
        const there = classesOf(sheet);
        if (used === undefined) {
            wrong.push(`${sheet} is used by nothing`);
        } else if (used !== null) {
            wrong.push(...[...used].filter((name) => !there.has(name)).map((name) => `${sheet} has no .${name}`));
            wrong.push(...[...there].filter((name) => !used.has(name) && !['act', 'mantine'].includes(name)).map((name) => `${sheet}: .${name} is used by nothing`));
        }
    }
    expect(sheets.length).toBeGreaterThan(20);
    expect(wrong).toEqual([]);
});
