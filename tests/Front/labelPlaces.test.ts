import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

import { boxOf, labelPlaces, type Labelled, meets } from '../../resources/js/drawings/labelPlaces';

const point = fc.record({ x: fc.integer({ min: 0, max: 800 }), y: fc.integer({ min: 0, max: 300 }), words: fc.string({ minLength: 1, maxLength: 24 }), below: fc.boolean() });

describe('names on a drawing', () => {
    it('never stand in one another, however near their points are', () => {
        fc.assert(
            fc.property(fc.array(point, { maxLength: 14 }), (points: Labelled[]) => {
                const boxes = labelPlaces(points).map(({ anchor, dy }, at) => boxOf(points[at] as Labelled, anchor, dy));
                return boxes.every((box, at) => boxes.slice(at + 1).every((other) => !meets(box, other)));
            }),
        );
    });

    it('stand over their points where there is room, and beside them where there is not', () => {
        const at = (x: number, words: string) => ({ x, y: 100, words, below: false });
        expect(labelPlaces([at(100, 'Bow'), at(300, 'Stern box')]).map((place) => place.anchor)).toEqual(['middle', 'middle']);
        expect(labelPlaces([at(445, 'Sonar box'), at(491, 'Middle seat')]).map((place) => place.anchor)).toEqual(['middle', 'start']);
    });

    it('stay within the room where they fit in it', () => {
        fc.assert(
            fc.property(fc.array(point, { maxLength: 14 }), (points: Labelled[]) => {
                const room = { left: -10, right: 810 };
                return labelPlaces(points, room).every(({ anchor }, at) => {
                    const { left, right } = boxOf(points[at] as Labelled, anchor, 0);
                    return left >= room.left && right <= room.right;
                });
            }),
        );
    });
});
