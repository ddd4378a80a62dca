import { GAUGES } from '../api/forms';

const BOTH = new Map(GAUGES);

/** A gauge with what it is called in the other world: "8 AWG · 8.37 mm²". */
export function bothWorlds(gauge: string): string {
    return BOTH.get(gauge) ?? gauge;
}
