/** px from an edge within which what is held draws its room along, and px that it goes in a frame */
const EDGE = 36;
const STEP = 7;

/**
 * Scrolls the room of a drawing, and no more, while a hand holds something at its edge: what it is to go to may be beyond.
 *
 * @returns whether anything moved
 */
export function scrolledAtEdge(drawing: Element | null, at: { clientX: number; clientY: number }): boolean {
    const room = roomOf(drawing);
    if (room === null) {
        return false;
    }
    const { left, right, top, bottom } = room.getBoundingClientRect();
    const [x, y] = [toward(at.clientX, left, Math.min(right, window.innerWidth)), toward(at.clientY, top, Math.min(bottom, window.innerHeight))];
    const before = [room.scrollLeft, room.scrollTop];
    room.scrollBy(x, y);
    return room.scrollLeft !== before[0] || room.scrollTop !== before[1];
}

function toward(at: number, least: number, most: number): number {
    return at < least + EDGE ? -STEP : at > most - EDGE ? STEP : 0;
}

/** The nearest around it that can be scrolled; null: all of it is in sight. */
function roomOf(drawing: Element | null): Element | null {
    for (let around = drawing?.parentElement ?? null; around !== null; around = around.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(around);
        if ((overflowX === 'auto' && around.scrollWidth > around.clientWidth) || (overflowY === 'auto' && around.scrollHeight > around.clientHeight)) {
            return around;
        }
    }
    return null;
}
