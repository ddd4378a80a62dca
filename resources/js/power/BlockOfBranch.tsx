import type { PlannedJob, Run } from '../api/types';
import { partName } from '../boat/parts';
import { useCatalogue } from '../catalogue/parts';
import { hangBranch, isFull, nextSize } from './branches';
import { PlaceSelect } from '../plan/PlaceSelect';
import { branchOf } from '../boat/planParts';
import type { PlanEdits } from '../plan/usePlanEdits';

/** The fuse block that a branch hangs on, to be hung on another. */
export function BlockOfBranch({ job, run, edits }: { job: PlannedJob; run: Run; edits: PlanEdits }) {
    const blocks = job.plan.blocks ?? [];
    const hung = branchOf(job.plan, run.id);
    const parts = useCatalogue(blocks.length > 1).data?.parts ?? [];
    if (hung === undefined || blocks.length < 2) {
        return 'in the block';
    }
    const words = (block: string) => {
        const called = partName(job, `block:${block}`);
        if (block === hung.block.id || !isFull(job.plan, block)) {
            return called;
        }
        const larger = nextSize(job.plan, block, parts);
        return larger === undefined ? `${called} (full)` : `${called} (full: as one of ${larger})`;
    };
    return (
        <PlaceSelect
            label={`Block of ${run.label}`}
            value={hung.block.id}
            choices={blocks.map((block) => [block.id, words(block.id), block.id !== hung.block.id && isFull(job.plan, block.id) && nextSize(job.plan, block.id, parts) === undefined] as const)}
            readOnly={!job.can_change}
            onChosen={(block) =>
                void edits.submit((now) => {
                    const patch = hangBranch(now.plan, run.id, block, parts);
                    return patch === null ? null : { patch };
                })
            }
        />
    );
}
