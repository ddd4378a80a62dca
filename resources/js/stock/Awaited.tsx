import { Group, Table } from '@mantine/core';

import type { StockOrders } from '../api/types';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { useWritten } from '../units/conventions';
import { length, useUnits } from '../units/units';
import { Amount } from './Amount';

interface Props {
    awaited: StockOrders['awaited'];
    /** null: it is not this person's to count */
    acts: { come: (order: number, awaited: number, quantity: number | string) => void; cancel: (order: number) => void } | null;
}

/** What is ordered and not on the shelf yet. */
export function Awaited({ awaited, acts }: Props) {
    const { day } = useWritten();
    const { system } = useUnits();
    return (
        <Table.ScrollContainer minWidth={700}>
            <Table>
                <HeadRow heads={['Item', 'How much', 'Ordered', 'Expected']} unseen={acts === null ? '' : 'Arrival'} />
                <Table.Tbody>
                    {awaited.map((order) => (
                        <Table.Tr key={`${order.id} ${order.quantity}`} data-awaited={order.item}>
                            <Table.Th scope="row">{order.item}</Table.Th>
                            <Table.Td className="figure">{order.unit === 'm' ? length(order.quantity, system) : order.quantity}</Table.Td>
                            <Table.Td>
                                {day(order.ordered_on)}
                                {order.by !== null && <span className="quiet"> by {order.by}</span>}
                            </Table.Td>
                            <Table.Td className="figure">{order.expected_on === null ? <span className="quiet">no day said</span> : order.late ? <Verdict good={false}>{day(order.expected_on)}, overdue</Verdict> : day(order.expected_on)}</Table.Td>
                            {acts !== null && (
                                <Table.Td>
                                    <Group gap={10} wrap="nowrap">
                                        <Amount label={`How much of ${order.item} has come`} unit={order.unit} amount={order.quantity} act="It has come" onAct={(quantity) => acts.come(order.id, order.quantity, quantity)} />
                                        <Act aria-label={`${order.item} does not come`} onClick={() => acts.cancel(order.id)}>
                                            does not come
                                        </Act>
                                    </Group>
                                </Table.Td>
                            )}
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
        </Table.ScrollContainer>
    );
}
