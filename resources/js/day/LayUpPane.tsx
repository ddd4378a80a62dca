import { SegmentedControl, Stack, Table } from '@mantine/core';
import { useState } from 'react';

import type { Day, PlannedJob } from '../api/types';
import { partName, spokenOf } from '../boat/parts';
import { LayUpBars } from '../drawings/LayUpBars';
import { Act } from '../look/Act';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { amps, percent } from '../units/units';

type Stretch = 'between_trips' | 'winter';
type Bank = Day['lay_up'][number];

/** A boat that nobody touches: what stays on, how long each bank bears it, and which switch ends it. */
export function LayUpPane({ job, banks, onSelect }: { job: PlannedJob; banks: Day['lay_up']; onSelect: (on: string) => void }) {
    const [stretch, setStretch] = useState<Stretch>('between_trips');
    const first = banks[0];
    if (first === undefined) {
        return <p>No bank is planned yet: what could be laid up comes with one, at Power.</p>;
    }
    const { days, celsius } = first[stretch];
    const flat = banks.filter((bank) => (bank[stretch].days_to_floor ?? Infinity) < days);
    return (
        <Stack gap={10}>
            <SegmentedControl
                aria-label="How long she lies"
                w="fit-content"
                value={stretch}
                onChange={(next) => setStretch(next)}
                data={[
                    { value: 'between_trips', label: `Between trips: ${first.between_trips.days} days` },
                    { value: 'winter', label: `The winter: ${first.winter.days} days` },
                ]}
            />
            <strong style={{ fontSize: '1.125rem' }} data-figure="lay-up">
                {flat.length === 0 ? (
                    <Verdict good>Full when left, every bank has more than its floor after {days} days.</Verdict>
                ) : (
                    <Verdict good={null}>
                        {flat.map((bank) => `${partName(job, `bank:${bank.bank}`)} is at its floor after ${Math.floor(bank[stretch].days_to_floor ?? 0)} days`).join('; ')}.
                    </Verdict>
                )}
            </strong>
            <LayUpBars job={job} banks={banks} days={days} stretch={stretch} />
            <p className="quiet">
                From full on, at {celsius} °C. Filled: down to the floor, the day to charge again by. Dashed: from there to nothing, which harms any battery and lets lead freeze. Green line: with everything off that a switch stops.
            </p>
            <Table>
                <HeadRow heads={['Bank', 'Stays on', 'Draws', 'What ends it', 'Loses by itself', `Left after ${days} days`, 'Charge again within', 'Nothing left after', 'Switched off, within']} />
                <Table.Tbody>
                    {banks.map((bank) => (
                        <Row key={bank.bank} job={job} bank={bank} stretch={stretch} onSelect={onSelect} />
                    ))}
                </Table.Tbody>
            </Table>
            <Caution>
                Lift the negative, or turn the battery switch off, before you leave her; a bilge pump stays on, and wants its battery looked at. A lead battery left low freezes; LiFePO4 is left half to three quarters full where its maker says so, and is not charged below 0 °C.
            </Caution>
        </Stack>
    );
}

function Row({ job, bank, stretch, onSelect }: { job: PlannedJob; bank: Bank; stretch: Stretch; onSelect: (on: string) => void }) {
    const lies = bank[stretch];
    const days = (value: number | null) => (value === null ? '–' : value > 999 ? 'years' : `${Math.floor(value)} days`);
    const drains = bank.drains.length === 0 ? [null] : bank.drains;
    return drains.map((drain, at) => (
        <Table.Tr key={drain?.on ?? 'nothing'} data-lay-up-of={bank.bank}>
            {at === 0 && (
                <Table.Th scope="row" rowSpan={drains.length}>
                    <Act onClick={() => onSelect(`bank:${bank.bank}`)}>{partName(job, `bank:${bank.bank}`)}</Act>
                </Table.Th>
            )}
            <Table.Td>{drain === null ? 'nothing' : <Act onClick={() => onSelect(drain.on)}>{partName(job, drain.on)}</Act>}</Table.Td>
            <Table.Td className="figure">{drain === null ? '–' : drain.amps < 0.0995 ? `${(1000 * drain.amps).toFixed(0)} mA` : amps(drain.amps)}</Table.Td>
            <Table.Td>{drain === null ? '–' : drain.meant ? 'stays on, as it must' : drain.feed === null ? `a battery switch on ${spokenOf(job, `bank:${bank.bank}`)}` : `a switch in ${spokenOf(job, `feed:${drain.feed}`)}`}</Table.Td>
            {at === 0 && (
                <>
                    <Table.Td className="figure" rowSpan={drains.length}>
                        {lies.by_itself_a_day === null ? 'only its maker knows' : `${percent(3000 * lies.by_itself_a_day)} in 30 days`}
                    </Table.Td>
                    <Table.Td className="figure" rowSpan={drains.length}>
                        {percent(lies.left === null ? null : 100 * lies.left, 0)}
                    </Table.Td>
                    <Table.Td className="figure" rowSpan={drains.length}>
                        <Verdict good={lies.days_to_floor === null || lies.days_to_floor >= lies.days ? true : null}>{days(lies.days_to_floor)}</Verdict>
                    </Table.Td>
                    <Table.Td className="figure" rowSpan={drains.length}>
                        {days(lies.days_to_empty)}
                    </Table.Td>
                    <Table.Td className="figure" rowSpan={drains.length}>
                        {days(lies.days_to_floor_switched_off)}
                    </Table.Td>
                </>
            )}
        </Table.Tr>
    ));
}
