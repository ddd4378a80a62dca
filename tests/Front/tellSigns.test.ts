// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';

import { wordsOf } from '../../resources/js/look/tellSigns';

const words = (html: string) => {
    document.body.innerHTML = html;
    return wordsOf(document.querySelector('[data-touched]') as Element);
};

describe('what a sign means', () => {
    it('is its title, or that of what it stands in', () => {
        expect(words('<button title="Undo: Bow motor moved"><i data-touched></i></button>')).toBe('Undo: Bow motor moved');
    });

    it('is what a part of a drawing is called, without what keys do', () => {
        expect(words('<svg><g role="button" aria-label="VHF radio: at its station. Arrows move it"><path data-touched /></g></svg>')).toBe('VHF radio: at its station');
        expect(words('<svg><g aria-label="Way from bow to stern, 4.2 m. Enter takes it, to bend it"><path data-touched /></g></svg>')).toBe('Way from bow to stern, 4.2 m');
    });

    it('is nothing where words stand there', () => {
        expect(words('<p data-touched>Bow motor</p>')).toBe('');
    });
});
