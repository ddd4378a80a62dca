import { useHotkeys } from '@mantine/hooks';
import { lazy, type ReactNode, Suspense, useMemo, useRef, useState } from 'react';

import { useShortcuts } from '../keys/shortcuts';
import { FindableContext, type Findable } from './findable';

/** The window is a script of its own: no page waits for it. */
/** The window: a script that no first page waits for. */
export const paletteWindow = async () => ({ default: (await import('./PaletteWindow')).PaletteWindow });
const PaletteWindow = lazy(paletteWindow);

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
