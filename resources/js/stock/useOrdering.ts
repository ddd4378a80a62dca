import { useMutation, useQueryClient } from '@tanstack/react-query';

import { ask } from '../api/client';
import { stock, stockOrders } from '../api/queries';
import type { StockOrders } from '../api/types';

export interface Placed {
    item: string;
    /** as it was seen */
    missing: number;
    quantity: number | string;
}

type Ordering = { do: 'place'; orders: Placed[] } | { do: 'arrived'; order: number; awaited: number; quantity: number | string } | { do: 'cancel'; order: number };

/** What is done with orders; the lists are as the server has them then, be it done or refused. */
export function useOrdering() {
    const queries = useQueryClient();
    return useMutation({
        mutationFn: (act: Ordering) => {
            switch (act.do) {
                case 'place':
                    return ask<StockOrders>('stock/orders', { method: 'POST', body: { orders: act.orders } });
                case 'arrived':
                    return ask<StockOrders>(`stock/orders/${act.order}/arrived`, { method: 'POST', body: { awaited: act.awaited, quantity: act.quantity } });
                case 'cancel':
                    return ask<StockOrders>(`stock/orders/${act.order}`, { method: 'DELETE' });
            }
        },
        onSuccess: (orders) => {
            queries.setQueryData(stockOrders.queryKey, orders);
            void queries.invalidateQueries({ queryKey: stock.queryKey, exact: true });
            void queries.invalidateQueries({ queryKey: ['stage', 'kit'] });
        },
        onError: () => void queries.invalidateQueries({ queryKey: stockOrders.queryKey }),
    });
}
