import { GAUGES } from '../api/forms';

const BOTH = new Map(GAUGES);

/** A gauge with what it is called in the other world: "8 AWG · 8.37 mm²". */
export function bothWorlds(gauge: string): string {
    return BOTH.get(gauge) ?? gauge;
}

/** What it is called in the other world alone: "8.37 mm²" for 8 AWG. */
export function otherWorld(gauge: string): string {
    return bothWorlds(gauge).split(' · ')[1] ?? '–';
}
