import { useHotkeys } from '@mantine/hooks';
import { lazy, type ReactNode, Suspense, useMemo, useRef, useState } from 'react';

import { useShortcuts } from '../keys/shortcuts';
import { FindableContext, type Findable } from './findable';

/** The window is a script of its own: no page waits for it. */
const PaletteWindow = lazy(async () => ({ default: (await import('./PaletteWindow')).PaletteWindow }));

/** Key "/" finds anything by name: of the page that is shown, and of the whole shop. */
export function Palette({ children }: { children: ReactNode }) {
    const offered = useRef<Findable[]>([]);
    const [asked, setAsked] = useState(0);
    const context = useMemo(() => ({ offer: (things: Findable[]) => void (offered.current = things), open: () => setAsked((times) => times + 1) }), []);
    useShortcuts({ '/': context.open });
    useHotkeys([['mod + K', context.open]]);
    return (
        <FindableContext value={context}>
            {children}
            {asked > 0 && (
                <Suspense fallback={null}>
                    <PaletteWindow asked={asked} offered={offered} />
                </Suspense>
            )}
        </FindableContext>
    );
}
