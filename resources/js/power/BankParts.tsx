import type { Bank, PlannedJob } from '../api/types';
import { converters } from '../boat/planParts';
import { amps, volts } from '../units/units';
import classes from './Posts.module.css';
import type { PlanEdits } from '../plan/usePlanEdits';

/** What hangs on a bank beside its wires: its chargers, what converts its volts, and the bank itself to be taken out with everything on it. */
export function BankParts({ job, bank, edits }: { job: PlannedJob; bank: Bank; edits: PlanEdits }) {
    const blocks = bank.strings.flat();
    const charges = (battery: string | undefined) => battery !== undefined && blocks.includes(battery);
    const chargers = (job.plan.chargers ?? []).filter((charger) => charger.outputs?.some((output) => charges(output.battery)));
    const drawing = converters(job.plan).filter((converter) => converter.from.bank === bank.id);
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
                            {charger.id}: {charger.outputs?.filter((output) => charges(output.battery)).map((output) => amps(output.amps)).join(', ')}
                        </span>
                        {takeOut(`charger:${charger.id}`, charger.id)}
                    </li>
                ))}
                {drawing.map((converter) => (
                    <li key={converter.charger}>
                        <span>
                            {converter.charger}: {volts(converter.volts)}, up to {amps(converter.amps)} to block {converter.block}
                        </span>
                        {takeOut(`charger:${converter.charger}`, converter.charger)}
                    </li>
                ))}
                {chargers.length === 0 && <li className="quiet">Nothing charges this bank.</li>}
                <li>{takeOut(`bank:${bank.id}`, `bank ${bank.id} with everything on it`)}</li>
            </ul>
        </section>
    );
}
