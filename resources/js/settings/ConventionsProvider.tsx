import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useEffect, useMemo } from 'react';

import { AS_IT_COMES, type Conventions, ConventionsContext } from '../units/conventions';
import { useUnits } from '../units/units';
import { shopSettings } from '../api/queries';

/** Money, days and units as the shop writes them; who chose units of their own keeps them. */
export function ConventionsProvider({ children }: { children: ReactNode }) {
    const settings = useQuery(shopSettings).data?.settings;
    const { begin } = useUnits();
    const units = settings?.units;
    useEffect(() => {
        if (units !== undefined) {
            begin(units);
        }
    }, [units, begin]);
    const conventions = useMemo<Conventions>(() => (settings === undefined ? AS_IT_COMES : { currency: settings.currency, locale: settings.locale, dateForm: settings.date_form }), [settings]);
    return <ConventionsContext value={conventions}>{children}</ConventionsContext>;
}
