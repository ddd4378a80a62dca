import { Button, Group, Table } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router-dom';

import { stockOrders } from '../api/queries';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { useWritten } from '../units/conventions';
import { length, useUnits } from '../units/units';

/** What all boats miss together, what has to be ordered first at the top. */
export function Orders() {
    const orders = useQuery({ ...stockOrders, staleTime: 0 });
    const { money, day } = useWritten();
    const { system } = useUnits();
    if (orders.data === undefined) {
        return <p>{orders.error?.message ?? 'Counting what the boats miss…'}</p>;
    }
    if (orders.data.orders.length === 0) {
        return <p>Nothing: every boat finds what she needs on the shelf.</p>;
    }
    return (
        <>
            <Group justify="space-between" my={8}>
                <strong data-figure="orders">
                    {orders.data.orders.length} {orders.data.orders.length === 1 ? 'thing' : 'things'} to order
                </strong>
                <Button component="a" href="/api/stock/orders?as=table" variant="outline" size="sm">
                    As a table (CSV)
                </Button>
            </Group>
            <Table.ScrollContainer minWidth={700}>
                <Table>
                    <HeadRow heads={['Item', 'How much', 'Order by', 'Price', 'For']} />
                    <Table.Tbody>
                        {orders.data.orders.map((order) => (
                            <Table.Tr key={order.item} data-order={order.item}>
                                <Table.Th scope="row">{order.item.replace('mm2', 'mm²')}</Table.Th>
                                <Table.Td className="figure">{order.unit === 'm' ? length(order.quantity, system) : order.quantity}</Table.Td>
                                <Table.Td className="figure">{order.order_by === null ? 'no day promised' : order.late ? <Verdict good={false}>{day(order.order_by)}, late</Verdict> : day(order.order_by)}</Table.Td>
                                <Table.Td className="figure">{order.price === null ? <span className="quiet">{order.listed ? 'no price' : 'not on the shelf’s list'}</span> : money(order.price * order.quantity)}</Table.Td>
                                <Table.Td>
                                    {order.for.map((one, at) => (
                                        <span key={one.job}>
                                            {at > 0 && ', '}
                                            <Link to={`/jobs/${one.job}/kit?pane=list`}>{one.boat}</Link> <span className="figure">{order.unit === 'm' ? length(one.quantity, system) : one.quantity}</span>
                                        </span>
                                    ))}
                                </Table.Td>
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            </Table.ScrollContainer>
        </>
    );
}
