import { Group, Stack } from '@mantine/core';

import { Act } from '../look/Act';
import type { Bank, PlannedJob } from '../api/types';
import { partName, spokenOf } from '../boat/parts';
import { converters } from '../boat/planParts';
import { amps, volts } from '../units/units';

/** What hangs on a bank beside its wires: its chargers, and what converts its volts; each is taken in hand there. */
export function BankParts({ job, bank, onSelect }: { job: PlannedJob; bank: Bank; onSelect: (on: string) => void }) {
    const blocks = bank.strings.flat();
    const charges = (battery: string | undefined) => battery !== undefined && blocks.includes(battery);
    const chargers = (job.plan.chargers ?? []).filter((charger) => charger.outputs?.some((output) => charges(output.battery)));
    const drawing = converters(job.plan).filter((converter) => converter.from.bank === bank.id);
    const named = (charger: string) => (
        <Act onClick={() => onSelect(`charger:${charger}`)}>
            {partName(job, `charger:${charger}`)}
        </Act>
    );
    return (
        <section aria-label={`Chargers of the ${spokenOf(job, `bank:${bank.id}`)}`}>
            <Stack component="ul" className="bare" gap={6} mt={8}>
                {chargers.map((charger) => (
                    <Group component="li" gap="4px 6px" key={charger.id}>
                        {named(charger.id)}
                        <span>{charger.outputs?.filter((output) => charges(output.battery)).map((output) => amps(output.amps)).join(', ')}</span>
                    </Group>
                ))}
                {drawing.map((converter) => (
                    <Group component="li" gap="4px 6px" key={converter.charger}>
                        {named(converter.charger)}
                        <span>
                            {volts(converter.volts)}, up to {amps(converter.amps)} to {partName(job, `block:${converter.block}`)}
                        </span>
                    </Group>
                ))}
                {chargers.length === 0 && <li className="quiet">Nothing charges this bank.</li>}
            </Stack>
        </section>
    );
}
