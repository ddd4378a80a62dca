import { Button, Group, Title } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';

import { stockOrders } from '../api/queries';
import { Awaited } from './Awaited';
import { Missed } from './Missed';
import { useOrdering } from './useOrdering';

/** What all boats miss together, what has to be ordered first at the top; and what is on its way. */
export function Orders() {
    const asked = useQuery({ ...stockOrders, staleTime: 0 });
    const ordering = useOrdering();
    if (asked.data === undefined) {
        return <p>{asked.error?.message ?? 'Counting what the boats miss…'}</p>;
    }
    const { orders, awaited, can_change: canChange } = asked.data;
    return (
        <>
            <Group justify="space-between" my={8}>
                <strong data-figure="orders">{orders.length === 0 ? 'Nothing to order: the shelf has, or awaits, what every boat needs.' : `${orders.length} ${orders.length === 1 ? 'thing' : 'things'} to order`}</strong>
                {orders.length > 0 && (
                    <Group gap={8}>
                        {canChange && (
                            <Button size="sm" loading={ordering.isPending} onClick={() => ordering.mutate({ do: 'place', orders: orders.map(({ item, quantity }) => ({ item, missing: quantity, quantity })) })}>
                                All of it is ordered
                            </Button>
                        )}
                        <Button component="a" href="/api/stock/orders?as=table" variant="outline" size="sm">
                            As a table (CSV)
                        </Button>
                    </Group>
                )}
            </Group>
            {ordering.error !== null && <p role="alert">{ordering.error.message}</p>}
            {orders.length > 0 && <Missed orders={orders} onOrder={canChange ? (order) => ordering.mutate({ do: 'place', orders: [order] }) : null} />}
            {awaited.length > 0 && (
                <section aria-label="On its way">
                    <Title order={2} size={16} mt={18}>
                        On its way
                    </Title>
                    <Awaited
                        awaited={awaited}
                        acts={canChange ? { come: (order, awaited, quantity) => ordering.mutate({ do: 'arrived', order, awaited, quantity }), cancel: (order) => ordering.mutate({ do: 'cancel', order }) } : null}
                    />
                </section>
            )}
        </>
    );
}
