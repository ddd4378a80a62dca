import { choicesOf } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { length, useUnits } from '../units/units';
import { PartField } from './PartField';
import { PlaceSelect } from './PlaceSelect';
import type { PlanEdits } from './usePlanEdits';
import told from './told.module.css';

/** What a boat is drawn from: her kind of hull, her length and her beam. */
export function HullFields({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const { system } = useUnits();
    const fixed = !job.can_change;
    const boat = job.plan.boat;
    return (
        <>
            <label className={told.line}>
                <span>Hull</span>
                <PlaceSelect label="Hull" value={boat?.hull ?? ''} choices={choicesOf('plan.boat.hull')} readOnly={fixed} onChosen={(hull) => void edits.submit(() => ({ patch: [{ on: 'plan', set: { 'boat.hull': hull } }] }))} />
            </label>
            <label className={told.line}>
                <span>Length and beam</span>
                <span>
                    <PartField edits={edits} readOnly={fixed} on="plan" field="boat.length_m" label="Length of the boat" value={length(boat?.length_m, system)} /> × <PartField edits={edits} readOnly={fixed} on="plan" field="boat.beam_m" label="Beam of the boat" value={length(boat?.beam_m, system)} />
                </span>
            </label>
        </>
    );
}
