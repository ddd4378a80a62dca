import { Act } from '../look/Act';
import type { PlanEdits } from './usePlanEdits';

/** Takes a part out of the plan, with what cannot stand without it. */
export function TakeOut({ edits, on, label }: { edits: PlanEdits; on: string; label: string }) {
    return (
        <Act aria-label={`Take out ${label}`} onClick={() => void edits.submit(() => ({ takeOut: on }))}>
            take out
        </Act>
    );
}
