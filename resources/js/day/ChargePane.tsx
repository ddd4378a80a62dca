import { Table } from '@mantine/core';

import type { DayRun, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { clock, percent, useUnits, volts } from '../units/units';

/** Each battery over the day: its charge from morning to evening, and when it was down to its floor. */
export function ChargePane({ job, run, onSelect }: { job: PlannedJob; run: DayRun; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    const at = (minutes: number) => (minutes === 0 ? 'as the day begins' : clock(run.starts_min + minutes, system));
    return (
        <>
            <Table>
                <HeadRow heads={['Battery', 'In the morning', 'In the evening', 'Floor', 'Down to it', 'Empty', 'Ah out', 'Ah in', 'Least volts']} />
                <Table.Tbody>
                    {run.batteries.map((battery) => (
                        <Table.Tr key={battery.id} data-battery={battery.id}>
                            <Table.Th scope="row">
                                <Act onClick={() => onSelect(`battery:${battery.id}`)}>{partName(job, `battery:${battery.id}`)}</Act>
                            </Table.Th>
                            <Table.Td className="figure">
                                {percent(100 * battery.soc_start, 0)}
                                {battery.guessed && <Verdict good={false}>not checked: its volts say little of its charge</Verdict>}
                            </Table.Td>
                            <Table.Td className="figure">{percent(100 * battery.soc_end, 0)}</Table.Td>
                            <Table.Td className="figure">{percent(battery.floor === null ? null : 100 * battery.floor, 0)}</Table.Td>
                            <Table.Td className="figure">{battery.minutes_to_floor === null ? 'never' : <Verdict good={false}>{at(battery.minutes_to_floor)}</Verdict>}</Table.Td>
                            <Table.Td className="figure">{battery.minutes_to_empty === null ? 'never' : <Verdict good={false}>{at(battery.minutes_to_empty)}</Verdict>}</Table.Td>
                            <Table.Td className="figure">{battery.ah_out.toFixed(1)}</Table.Td>
                            <Table.Td className="figure">{battery.ah_in.toFixed(1)}</Table.Td>
                            <Table.Td className="figure">{volts(battery.volts_min, 2)}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <p className="quiet">Charge falls by Peukert&rsquo;s law (Peukert 1897), and the cold takes its share; internal resistance stays the same all day. Two batteries of one make differ by more than these lines do.</p>
        </>
    );
}
