import { PlaceField } from './PlaceField';
import type { PlanEdits } from './usePlanEdits';

interface Props {
    edits: PlanEdits;
    readOnly: boolean;
    /** the part, as "check:check-console", or "plan" */
    on: string;
    /** its field, as in a patch */
    field: string;
    label: string;
    /** as people read it, unit included */
    value: string;
    /** words, not a quantity that the server reads with its unit */
    words?: boolean;
    figure?: string;
}

/** A field of a part of the plan, typed where it stands. Emptied words, and emptied quantities, are not given any more. */
export function PartField({ edits, readOnly, on, field, label, value, words = false, figure }: Props) {
    return (
        <PlaceField
            label={label}
            value={value}
            readOnly={readOnly}
            figure={figure}
            onTyped={(text) =>
                edits.submit(() => (words || text.trim() === '' ? { patch: [{ on, ...(text.trim() === '' ? { unset: [field] } : { set: { [field]: text.trim() } }) }] } : { typed: { on, field, text } }))
            }
        />
    );
}
