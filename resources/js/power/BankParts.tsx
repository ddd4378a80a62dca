import type { Bank, PlannedJob } from '../api/types';
import { amps } from '../units/units';
import classes from './Posts.module.css';
import type { PlanEdits } from '../plan/usePlanEdits';

/** What hangs on a bank beside its wires: its chargers, and the bank itself to be taken out with everything on it. */
export function BankParts({ job, bank, edits }: { job: PlannedJob; bank: Bank; edits: PlanEdits }) {
    const blocks = bank.strings.flat();
    const chargers = (job.plan.chargers ?? []).filter((charger) => charger.outputs?.some((output) => blocks.includes(output.battery)));
    const takeOut = (on: string, label: string) =>
        job.can_change && (
            <button type="button" className="act" onClick={() => void edits.submit(() => ({ takeOut: on }))}>
                take out {label}
            </button>
        );
    return (
        <section aria-label={`Chargers of bank ${bank.id}`}>
            <ul className={classes.list}>
                {chargers.map((charger) => (
                    <li key={charger.id}>
                        <span>
                            {charger.id}: {charger.outputs?.filter((output) => blocks.includes(output.battery)).map((output) => amps(output.amps)).join(', ')}
                        </span>
                        {takeOut(`charger:${charger.id}`, charger.id)}
                    </li>
                ))}
                {chargers.length === 0 && <li className="quiet">Nothing charges this bank.</li>}
                <li>{takeOut(`bank:${bank.id}`, `bank ${bank.id} with everything on it`)}</li>
            </ul>
        </section>
    );
}
