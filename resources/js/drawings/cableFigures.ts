import { cableThere } from '../boat/dataSide';
import { length, type System } from '../units/units';
import type { PlacedTransducer } from './sonarMapLayout';

/** m of cable left over that is worth a coil */
const COIL = 0.3;

/** The metres of a transducer's cable that are there and that are needed, and what is left over or lacks, in words. */
export function cableFigures({ transducer, needed, reached }: PlacedTransducer, system: System) {
    const there = cableThere(transducer);
    const left = there === null || needed === null || reached === false ? null : there - needed;
    const isShort = left !== null && left < 0;
    const isLong = left !== null && left > COIL;
    return {
        there: [there === null ? null : `${length(there, system)} ${(transducer.extensions ?? []).length > 0 ? 'with its extension' : 'there'}`, needed === null ? null : `${length(needed, system)} needed`].filter((word) => word !== null).join(', '),
        left: left === null || !(isShort || isLong) ? null : isShort ? `⬣ lacks ${length(-left, system)}` : `${length(left, system)} to stow`,
        isShort,
        isLong,
    };
}
