import { queryOptions } from '@tanstack/react-query';

import { ask } from './client';
import type { CataloguePart, HouseRules, Person, Persons, Shed, ShopSettings, Stock, StockOrders } from './types';

/** What several pages ask the server for, each question and what its answer is kept under once. */

export const session = queryOptions({ queryKey: ['session'], queryFn: () => ask<Person>('session') });

export const shed = queryOptions({ queryKey: ['shed'], queryFn: () => ask<Shed>('shed') });

/** with the parts that are retired */
export const catalogue = queryOptions({ queryKey: ['catalogue'], queryFn: () => ask<{ parts: CataloguePart[] }>('catalogue') });

export const houseRules = queryOptions({ queryKey: ['house-rules'], queryFn: () => ask<HouseRules>('house-rules') });

export const stock = queryOptions({ queryKey: ['stock'], queryFn: () => ask<Stock>('stock') });

export const stockOrders = queryOptions({ queryKey: ['stock', 'orders'], queryFn: () => ask<StockOrders>('stock/orders') });

export const people = queryOptions({ queryKey: ['people'], queryFn: () => ask<Persons>('people') });

export const shopSettings = queryOptions({ queryKey: ['settings'], queryFn: () => ask<ShopSettings>('settings'), retry: false, staleTime: 60_000 });
