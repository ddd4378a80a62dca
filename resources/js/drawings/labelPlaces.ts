/** A point of a drawing and the words that belong to it, px. */
export interface Labelled {
    x: number;
    y: number;
    words: string;
    /** whether its words stand below it rather than above */
    below: boolean;
}

/** Where words stand: beside which edge of them the point is, and how far below it their line runs, px. */
export interface LabelPlace {
    anchor: 'start' | 'middle' | 'end';
    dx: number;
    dy: number;
}

/** px of a letter and of a line, at the size that names are written in */
const LETTER = 7.4;
const LINE = 16;
/** px from a point to the line of its words */
const ABOVE = -13;
const BELOW = 24;
/** px that words which begin or end at a point reach beyond it */
const OVER = 8;

/** What words may take across, px. */
export interface Room {
    left: number;
    right: number;
}

const EVERYWHERE: Room = { left: -Infinity, right: Infinity };
const ANCHORS = ['middle', 'start', 'end'] as const;

interface Box {
    left: number;
    right: number;
    /** of its line */
    y: number;
}

/**
 * Places for words so that none stand in others, nor beyond the room: over their point, else to a side of it, else a line
 * farther off. Words that are longer than the room may leave it.
 */
export function labelPlaces(points: Labelled[], room: Room = EVERYWHERE): LabelPlace[] {
    const taken: Box[] = [];
    return points.map((point) => {
        const within = ANCHORS.filter((anchor) => isWithin(boxOf(point, anchor, 0), room));
        const anchors = within.length > 0 ? within : ANCHORS;
        for (let row = 0; ; row++) {
            const dy = point.below ? BELOW + row * LINE : ABOVE - row * LINE;
            for (const anchor of anchors) {
                const box = boxOf(point, anchor, dy);
                if (!taken.some((other) => meets(box, other))) {
                    taken.push(box);
                    return { anchor, dx: dxOf(anchor), dy };
                }
            }
        }
    });
}

export function boxOf({ x, y, words }: Labelled, anchor: LabelPlace['anchor'], dy: number): Box {
    const width = words.length * LETTER;
    const left = x + dxOf(anchor) - (anchor === 'start' ? 0 : anchor === 'end' ? width : width / 2);
    return { left, right: left + width, y: y + dy };
}

function isWithin(box: Box, room: Room): boolean {
    return box.left >= room.left && box.right <= room.right;
}

export function meets(one: Box, other: Box): boolean {
    return one.left < other.right && other.left < one.right && Math.abs(one.y - other.y) < LINE;
}

function dxOf(anchor: LabelPlace['anchor']): number {
    return anchor === 'start' ? -OVER : anchor === 'end' ? OVER : 0;
}
