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
    lines?: number;
}

/** letters of words that stand in one line of a field */
const LONGEST_LINE = 26;

/** A field of a part of the plan, typed where it stands. Emptied words, and emptied quantities, are not given any more. */
export function PartField({ edits, readOnly, on, field, label, value, words = false, figure, lines }: Props) {
    return (
        <PlaceField
            label={label}
            value={value}
            readOnly={readOnly}
            figure={figure}
            lines={lines ?? (words && value.length > LONGEST_LINE ? Math.ceil(value.length / LONGEST_LINE) : 1)}
            onTyped={(text, shown) =>
                edits.submit(() => (words || text.trim() === '' ? { patch: [{ on, ...(text.trim() === '' ? { unset: [field] } : { set: { [field]: text.trim() } }) }] } : { typed: { on, field, text, shown } }))
            }
        />
    );
}
