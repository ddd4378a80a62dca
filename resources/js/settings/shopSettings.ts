import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { ShopSettings } from '../api/types';

/** How the shop writes and what it can reach; nobody is signed in: not known. */
export function useShopSettings() {
    return useQuery({ queryKey: ['settings'], queryFn: () => ask<ShopSettings>('settings'), retry: false, staleTime: 60_000 });
}
