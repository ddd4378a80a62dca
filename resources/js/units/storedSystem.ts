import type { System } from './units';

export const STORED = 'dinghy-units';

/** The units that this person chose in this browser, or those that one begins with. */
export function storedSystem(): System {
    return localStorage.getItem(STORED) === 'metric' ? 'metric' : 'imperial';
}
