import { Button, Title } from '@mantine/core';

import type { PlannedJob, SonarOrder } from '../api/types';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useWritten } from '../units/conventions';
import { functionWords } from './functionWords';
import classes from './ToOrder.module.css';

/** Parts of the catalogue that put right what does not join: what each costs, and what is lost by it. */
export function ToOrder({ job, edits, orders }: { job: PlannedJob; edits: PlanEdits; orders: SonarOrder[] }) {
    const { money } = useWritten();
    if (orders.length === 0) {
        return null;
    }
    return (
        <section className={classes.orders} aria-label="Of the catalogue">
            <Title order={4} size={14}>
                Of the catalogue
            </Title>
            <ul className="bare">
                {orders.map((order) => (
                    <li key={`${order.on} ${order.says}`} data-order={order.on} className={classes.order}>
                        <span>
                            <strong>{order.says}</strong>
                            {order.lost.length > 0 ? `, which loses ${functionWords(order.lost)}` : ''}
                            {order.price === null ? '' : `, ${money(order.price)}`}
                        </span>
                        {job.can_change && (
                            <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ patch: order.patch }))}>
                                Put it in
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}
