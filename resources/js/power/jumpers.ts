import type { Bank, PatchStep } from '../api/types';
import { bankWires, type PostWire } from '../boat/planParts';

/** Jumpers of a bank as they are landed, moved and taken off. The first change makes all of them wires that are really there. */

type Jumper = NonNullable<Bank['jumpers']>[number];

function really(bank: Bank): Jumper[] {
    return bank.jumpers ?? bankWires(bank).map((wire, at) => ({ id: `${bank.id}-jumper-${at + 1}`, ...bank.jumper, ...wire }));
}

function withJumpers(bank: Bank, jumpers: Jumper[]): PatchStep {
    return { on: `bank:${bank.id}`, set: { jumpers } };
}

/** One end of a jumper put on another post. */
export function landJumper(bank: Bank, at: number, end: 'from' | 'to', post: string): PatchStep {
    return withJumpers(bank, really(bank).map((jumper, index) => (index === at ? { ...jumper, [end]: post } : jumper)));
}

export function takeJumperOff(bank: Bank, at: number): PatchStep {
    return withJumpers(bank, really(bank).filter((_, index) => index !== at));
}

/** A new jumper between two posts; null where there is one already. */
export function addJumper(bank: Bank, wire: PostWire): PatchStep | null {
    const jumpers = really(bank);
    if (wire.from === wire.to || jumpers.some((jumper) => [jumper.from, jumper.to].sort().join() === [wire.from, wire.to].sort().join())) {
        return null;
    }
    const taken = new Set(jumpers.map((jumper) => jumper.id));
    let number = jumpers.length + 1;
    while (taken.has(`${bank.id}-jumper-${number}`)) {
        number++;
    }
    return withJumpers(bank, [...jumpers, { id: `${bank.id}-jumper-${number}`, ...bank.jumper, ...wire }]);
}
