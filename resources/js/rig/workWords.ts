import type { Work } from '../api/types';
import { hours } from '../units/units';

/** How the work stands, in a sentence. */
export function workWords(work: Work): string {
    const day = new Intl.DateTimeFormat(undefined, { weekday: 'short', day: 'numeric', month: 'short' }).format(new Date(`${work.ready_on}T12:00:00`));
    const side = new Set(work.ready).size;
    return work.minutes_left === 0
        ? `All ${work.of} steps are done.`
        : `${work.done.length} of ${work.of} steps done, ${hours(work.minutes_left / 60)} of work left, ${side} can be done now. Ready ${day}${work.is_late ? ', later than promised' : ''}.`;
}
