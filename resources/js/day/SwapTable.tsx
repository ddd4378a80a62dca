import { Table, Title } from '@mantine/core';

import type { Day, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { amps, percent } from '../units/units';

/** A second pack, full, joined to a bank that the day has emptied: what flows in that moment, and what bears it. */
export function SwapTable({ job, swaps }: { job: PlannedJob; swaps: Day['swaps'] }) {
    return (
        <>
            <Title order={3} size={15} mt={14}>
                A full pack joined in the evening
            </Title>
            <Table w="auto">
                <HeadRow heads={['Bank', 'Left in it', 'Flows at once', 'It takes', 'The full one gives', 'Leads carry', 'Fuse', 'Bears it']} />
                <Table.Tbody>
                    {swaps.map((one) => (
                        <Table.Tr key={one.bank} data-swap={one.bank}>
                            <Table.Th scope="row">{partName(job, `bank:${one.bank}`)}</Table.Th>
                            <Table.Td className="figure">{percent(100 * one.evening, 0)}</Table.Td>
                            <Table.Td className="figure">
                                <strong>{amps(one.amps)}</strong>
                            </Table.Td>
                            <Table.Td className="figure">{one.taken_a === null ? 'its maker knows' : amps(one.taken_a)}</Table.Td>
                            <Table.Td className="figure">{one.given_a === null ? 'not said' : amps(one.given_a)}</Table.Td>
                            <Table.Td className="figure">{amps(one.leads_a)}</Table.Td>
                            <Table.Td className="figure">{one.fuse_a === null ? 'none' : amps(one.fuse_a)}</Table.Td>
                            <Table.Td>{one.overloaded.length === 0 ? <Verdict good>yes</Verdict> : <Verdict good={false}>not {one.overloaded.join(', not ')}</Verdict>}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <Caution>Unplug the empty pack before the full one goes in. Joined, they drive each other until their volts are alike; the first moment is the worst, and the plug that closes it sparks. Leads here are those of the bank&rsquo;s jumpers.</Caution>
        </>
    );
}
