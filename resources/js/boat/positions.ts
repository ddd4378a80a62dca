import type { Bench, PatchStep } from '../api/types';

/** Where a block stands and how it is turned. */
export type BlockPosition = Pick<Bench['blocks'][number], 'x_mm' | 'y_mm' | 'turned'>;

/** One block moved or turned. The others are written where they are drawn, so that none shifts because another was placed. */
export function layBlock(bench: Bench, battery: string, change: (position: BlockPosition) => Partial<BlockPosition>): PatchStep[] {
    return bench.blocks.map((block) => {
        const position = { x_mm: block.x_mm, y_mm: block.y_mm, turned: block.turned };
        return { on: `battery:${block.battery}`, set: { lies: block.battery === battery ? { ...position, ...change(position) } : position } };
    });
}
