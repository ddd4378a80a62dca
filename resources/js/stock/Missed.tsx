import { Table } from '@mantine/core';
import { Link } from 'react-router-dom';

import type { StockOrders } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { useWritten } from '../units/conventions';
import { gauge, length, useUnits } from '../units/units';
import { Amount } from './Amount';
import type { Placed } from './useOrdering';

interface Props {
    orders: StockOrders['orders'];
    /** null: it is not this person's to order */
    onOrder: ((order: Placed) => void) | null;
}

/** What has to be ordered, for which boats, and by when. */
export function Missed({ orders, onOrder }: Props) {
    const { money, day } = useWritten();
    const { system } = useUnits();
    return (
        <Table.ScrollContainer minWidth={760}>
            <Table>
                <HeadRow heads={['Item', 'How much', 'Order by', 'Price', 'For']} unseen={onOrder === null ? '' : 'Order'} />
                <Table.Tbody>
                    {orders.map((order) => (
                        <Table.Tr key={`${order.item} ${order.quantity}`} data-order={order.item}>
                            <Table.Th scope="row">{gauge(order.item)}</Table.Th>
                            <Table.Td className="figure">{order.unit === 'm' ? length(order.quantity, system) : order.quantity}</Table.Td>
                            <Table.Td className="figure">{order.order_by === null ? 'no day promised' : order.late ? <Verdict good={false}>{day(order.order_by)}, late</Verdict> : day(order.order_by)}</Table.Td>
                            <Table.Td className="figure">{order.price === null ? <span className="quiet">{order.listed ? 'no price' : 'not listed'}</span> : money(order.price * order.quantity)}</Table.Td>
                            <Table.Td>
                                {order.for.map((one, at) => (
                                    <span key={one.job}>
                                        {at > 0 && ', '}
                                        <Link to={`/jobs/${one.job}/kit?pane=list`}>{one.boat}</Link> <span className="figure">{order.unit === 'm' ? length(one.quantity, system) : one.quantity}</span>
                                    </span>
                                ))}
                            </Table.Td>
                            {onOrder !== null && (
                                <Table.Td>
                                    <Amount label={`How much of ${order.item} is ordered`} unit={order.unit} amount={order.quantity} act="Ordered" onAct={(quantity) => onOrder({ item: order.item, missing: order.quantity, quantity })} />
                                </Table.Td>
                            )}
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
        </Table.ScrollContainer>
    );
}
