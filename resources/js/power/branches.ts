import type { CataloguePart, PatchStep, Plan } from '../api/types';
import { block as blockOf, branchOf } from '../boat/planParts';

/** Whether a fuse block has a circuit left. */
export function isFull(plan: Plan, id: string): boolean {
    const block = blockOf(plan, id);
    return block?.circuits !== undefined && (block.branches?.length ?? 0) >= block.circuits;
}

/** Circuits of the next larger fuse block of the catalogue; undefined: there is none. */
export function nextSize(plan: Plan, id: string, catalogue: CataloguePart[]): number | undefined {
    const most = Math.max(blockOf(plan, id)?.branches?.length ?? 0, blockOf(plan, id)?.circuits ?? 0);
    const sizes = catalogue.filter((part) => part.kind === 'block').map((part) => Number(part.figures.circuits));
    return sizes.filter((size) => size > most).sort((a, b) => a - b)[0];
}

/** A branch hung on another block: what was measured from the old one is forgotten. A full block becomes the next size. */
export function hangBranch(plan: Plan, run: string, block: string, catalogue: CataloguePart[]): PatchStep[] | null {
    const hung = branchOf(plan, run);
    if (hung === undefined || hung.block.id === block) {
        return null;
    }
    const { branch } = hung;
    const larger = isFull(plan, block) ? nextSize(plan, block, catalogue) : undefined;
    if (isFull(plan, block) && larger === undefined) {
        return null;
    }
    return [
        ...(larger === undefined ? [] : [{ on: `block:${block}`, set: { circuits: larger } }]),
        { on: `branch:${run}`, in: `block:${block}`, put: { ...branch, run: { ...branch.run, length_m: null, route: null } } },
    ];
}
