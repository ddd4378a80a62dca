// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it } from 'vitest';

import { keepFocus } from '../../resources/js/look/keepFocus';

let stop: () => void = () => undefined;
beforeEach(() => {
    HTMLElement.prototype.checkVisibility = () => true;
    stop = keepFocus();
});
afterEach(() => {
    stop();
    document.body.innerHTML = '';
});

const page = (html: string) => {
    document.body.innerHTML = `<div id="app"><main tabindex="-1">${html}</main></div>`;
};
const at = (id: string) => document.getElementById(id) as HTMLElement;
const focus = (id: string) => {
    at(id).focus();
    at(id).dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
};
const settled = () => new Promise((resolve) => setTimeout(resolve, 60));
const focused = () => document.activeElement?.id ?? '';

describe('where the hand goes on', () => {
    const rows = (...names: string[]) => page(`<ul id="list" tabindex="0">${names.map((name) => `<li><input id="${name}-name"><button id="${name}-show">Show</button><button id="${name}">take out</button></li>`).join('')}</ul><button id="add">Add</button>`);

    it('is the same act of the row that took the place', async () => {
        rows('one', 'two', 'three');
        focus('two');
        at('two').parentElement?.remove();
        await settled();
        expect(focused()).toBe('three');
    });

    it('is that of the row before, where the last is gone', async () => {
        rows('one', 'two');
        focus('two');
        at('two').parentElement?.remove();
        await settled();
        expect(focused()).toBe('one');
    });

    it('is the list where no row is left, and never a field that would bring up keys', async () => {
        rows('one');
        focus('one');
        at('one').parentElement?.remove();
        await settled();
        expect(focused()).toBe('list');
        page('<p id="held"><button id="gone">answer</button><input id="field"></p><button id="after">After</button>');
        focus('gone');
        at('gone').remove();
        await settled();
        expect(focused()).toBe('after');
    });

    it('is the same field where it was drawn anew', async () => {
        page('<div id="row"><input id="other" aria-label="To the side"><input id="old" aria-label="Eye to the screen"></div>');
        focus('old');
        at('row').innerHTML = '<button>keep</button><input id="other" aria-label="To the side"><input id="new" aria-label="Eye to the screen">';
        await settled();
        expect(focused()).toBe('new');
    });

    it('is what opened a dialog, or what stood before that', async () => {
        page('<ul><li><button id="row">change</button></li></ul>');
        const layer = document.createElement('div');
        layer.innerHTML = '<section><button id="keep">Keep</button></section>';
        document.body.append(layer);
        focus('row');
        focus('keep');
        await settled();
        layer.remove();
        await settled();
        expect(focused()).toBe('row');
    });

    it('is beside an act that has nothing left to do', async () => {
        page('<div><button id="undo">Undo</button><button id="redo">Redo</button></div>');
        focus('undo');
        at('undo').setAttribute('disabled', '');
        await settled();
        expect(focused()).toBe('redo');
    });

    it('is the page where a field was left by Enter, so that single keys act again', async () => {
        page('<p><input id="field"></p><p id="row"><button id="gone">x</button></p>');
        focus('field');
        at('field').blur();
        at('field').dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
        await settled();
        at('field').parentElement?.remove();
        await settled();
        expect(focused()).toBe('');
    });

    it('is left to the page where it moved the focus itself, and to a hand that pressed beside everything', async () => {
        rows('one', 'two');
        focus('two');
        at('two').parentElement?.remove();
        focus('add');
        await settled();
        expect(focused()).toBe('add');
        rows('one', 'two');
        focus('two');
        document.querySelector('main')?.dispatchEvent(new MouseEvent('pointerdown', { bubbles: true }));
        at('two').parentElement?.remove();
        await settled();
        expect(focused()).toBe('');
    });
});
