import { Table } from '@mantine/core';

import type { Meter } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { shown } from '../readings/figures';
import { OVER } from '../readings/typedReading';
import { useWritten } from '../units/conventions';
import { together } from '../units/together';

/** What was read at the steps of the work, before each was done: gaps, ohms, volts before a plug. */
export function StepsReadPane({ meter }: { meter: Meter }) {
    const { moment } = useWritten();
    return meter.steps.length === 0 ? (
        <p>Nothing was read at a step yet. The stage Rig asks for it where a conductor lands, and where power comes on.</p>
    ) : (
        <Table>
            <HeadRow heads={['Step', 'Read', 'Had to show', 'When, by whom']} />
            <Table.Tbody>
                {meter.steps.map((step) => (
                    <Table.Tr key={step.id}>
                        <Table.Th scope="row" fw={400}>
                            {together(step.says)}
                        </Table.Th>
                        <Table.Td className="figure">{step.read.map((one) => shown(one.value, one.unit)).join(', ')}</Table.Td>
                        <Table.Td className="figure">{step.read.map((one) => shown(one.expect ?? (one.unit === 'V' ? 0 : OVER), one.unit)).join(', ')}</Table.Td>
                        <Table.Td>
                            {moment(step.at)}, {step.by}
                        </Table.Td>
                    </Table.Tr>
                ))}
            </Table.Tbody>
        </Table>
    );
}
