import { type ReactNode, useMemo, useState } from 'react';

import { type System, UnitsContext } from './units';

const STORED = 'dinghy-units';

export function UnitsProvider({ children }: { children: ReactNode }) {
    const [system, setSystem] = useState<System>(() => (localStorage.getItem(STORED) === 'metric' ? 'metric' : 'imperial'));
    const value = useMemo(
        () => ({
            system,
            choose: (chosen: System) => {
                localStorage.setItem(STORED, chosen);
                setSystem(chosen);
            },
            /** what the shop begins with, where the person has not chosen */
            begin: (units: System) => {
                if (localStorage.getItem(STORED) === null) {
                    setSystem(units);
                }
            },
        }),
        [system],
    );
    return <UnitsContext value={value}>{children}</UnitsContext>;
}
