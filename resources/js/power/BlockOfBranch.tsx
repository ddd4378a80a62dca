import type { PlannedJob, Run } from '../api/types';
import classes from './PlaceField.module.css';
import { branchOf } from './planParts';
import type { PlanEdits } from './usePlanEdits';

/** The fuse block that a branch hangs on, to be hung on another: what was measured from the old one is forgotten. */
export function BlockOfBranch({ job, run, edits }: { job: PlannedJob; run: Run; edits: PlanEdits }) {
    const blocks = job.plan.blocks ?? [];
    const hung = branchOf(job.plan, run.id);
    if (hung === undefined || blocks.length < 2) {
        return 'in the block';
    }
    const { block: own, branch } = hung;
    const hang = (block: string) => {
        void edits.submit(() => ({ patch: [{ on: `branch:${run.id}`, in: `block:${block}`, put: { ...branch, run: { ...branch.run, length_m: null, route: null } } }] }));
    };
    return (
        <select className={classes.field} aria-label={`Block of ${run.label}`} value={own.id} disabled={!job.can_change} onChange={(event) => hang(event.currentTarget.value)}>
            {blocks.map((block) => {
                const full = block.id !== own.id && block.circuits !== undefined && (block.branches?.length ?? 0) >= block.circuits;
                return (
                    <option key={block.id} value={block.id} disabled={full}>
                        {full ? `${block.id} (full)` : block.id}
                    </option>
                );
            })}
        </select>
    );
}
