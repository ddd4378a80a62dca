import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

import { expect, test } from 'vitest';

const CORE = 'node_modules/@mantine/core';

function sources(folder: string): string[] {
    return readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name)).map((name) => join(folder, name));
}

/** Mantine's components that a script draws with. */
function drawnWith(script: string, from: string): string[] {
    const names = [...readFileSync(script, 'utf8').matchAll(new RegExp(`import \\{([^}]*)\\} from '${from}'`, 'g'))].flatMap((found) => (found[1] ?? '').split(','));
    return names.map((name) => name.trim()).filter((name) => /^[A-Z]/.test(name));
}

/** The style sheets of a module of Mantine and of all that it draws with itself. */
function stylesOf(module: string, seen: Set<string>, styles: Set<string>): void {
    if (seen.has(module) || !existsSync(module)) {
        return;
    }
    seen.add(module);
    for (const [, path = ''] of readFileSync(module, 'utf8').matchAll(/from "(\.[^"]+)"/g)) {
        const style = /(\w+)\.module\.mjs$/.exec(path)?.[1];
        if (style !== undefined) {
            styles.add(style);
        } else if (path.includes('/components/') || !path.includes('/core/')) {
            stylesOf(join(dirname(module), path), seen, styles);
        }
    }
}

test('the styles of every component drawn with are there, and no others', () => {
    const used = sources('resources/js').flatMap((script) => drawnWith(script, '@mantine/core'));
    const needed = new Set<string>();
    for (const component of used) {
        stylesOf(`${CORE}/esm/components/${component}/${component}.mjs`, new Set(), needed);
    }
    const there = [...readFileSync('resources/js/look/mantine.ts', 'utf8').matchAll(/core\/styles\/([A-Z]\w+)\.css/g)].map((found) => found[1]);

    expect(used.length).toBeGreaterThan(10);
    expect([...there].sort()).toEqual([...needed].filter((style) => existsSync(`${CORE}/styles/${style}.css`)).sort());
});
