import type { Bank, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { converters } from '../boat/planParts';
import { amps, volts } from '../units/units';
import classes from './Posts.module.css';

/** What hangs on a bank beside its wires: its chargers, and what converts its volts; each is taken in hand there. */
export function BankParts({ job, bank, onSelect }: { job: PlannedJob; bank: Bank; onSelect: (on: string) => void }) {
    const blocks = bank.strings.flat();
    const charges = (battery: string | undefined) => battery !== undefined && blocks.includes(battery);
    const chargers = (job.plan.chargers ?? []).filter((charger) => charger.outputs?.some((output) => charges(output.battery)));
    const drawing = converters(job.plan).filter((converter) => converter.from.bank === bank.id);
    const named = (charger: string) => (
        <button type="button" className="act" onClick={() => onSelect(`charger:${charger}`)}>
            {partName(job, `charger:${charger}`)}
        </button>
    );
    return (
        <section aria-label={`Chargers of the ${partName(job, `bank:${bank.id}`).toLowerCase()}`}>
            <ul className={classes.list}>
                {chargers.map((charger) => (
                    <li key={charger.id}>
                        {named(charger.id)}
                        <span>{charger.outputs?.filter((output) => charges(output.battery)).map((output) => amps(output.amps)).join(', ')}</span>
                    </li>
                ))}
                {drawing.map((converter) => (
                    <li key={converter.charger}>
                        {named(converter.charger)}
                        <span>
                            {volts(converter.volts)}, up to {amps(converter.amps)} to {partName(job, `block:${converter.block}`)}
                        </span>
                    </li>
                ))}
                {chargers.length === 0 && <li className="quiet">Nothing charges this bank.</li>}
            </ul>
        </section>
    );
}
