import { type ReactNode, useMemo, useState } from 'react';

import { STORED, storedSystem } from './storedSystem';
import { type System, UnitsContext } from './units';

export function UnitsProvider({ children }: { children: ReactNode }) {
    const [system, setSystem] = useState<System>(storedSystem);
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
