import type { Bank, Feed, Plan } from '../api/types';
import { block, converters, feedsOf } from '../boat/planParts';

/** What a list of circuits leads to, bank by bank. */
export interface TellingOrder {
    /** devices that something leads to */
    devices: Set<string>;
    /** the circuit or the converter under which each block is told in full: the first that leads to it */
    blocks: Map<string, string>;
}

/** Walks the circuits as the power list tells them; blocks that lead back to themselves end there. */
export function tellingOrder(plan: Plan): TellingOrder {
    const order: TellingOrder = { devices: new Set(), blocks: new Map() };
    for (const bank of plan.banks ?? []) {
        for (const { id, to } of ledFrom(plan, bank)) {
            tell(plan, id, to, order);
        }
    }
    return order;
}

function ledFrom(plan: Plan, bank: Bank): { id: string; to: Feed['to'] }[] {
    return [
        ...feedsOf(plan, bank),
        ...converters(plan)
            .filter(({ from }) => from.bank === bank.id)
            .map((converter) => ({ id: converter.charger, to: { block: converter.block } })),
    ];
}

function tell(plan: Plan, id: string, to: Feed['to'], order: TellingOrder): void {
    if (to.device !== undefined) {
        order.devices.add(to.device);
    }
    if (to.block !== undefined && !order.blocks.has(to.block)) {
        order.blocks.set(to.block, id);
        for (const branch of block(plan, to.block)?.branches ?? []) {
            tell(plan, branch.id, branch.to, order);
        }
    }
}
