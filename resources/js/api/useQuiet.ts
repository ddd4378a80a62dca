import { useIsFetching } from '@tanstack/react-query';
import { useEffect, useState } from 'react';

/** ms without a question to the server after which the first page is taken to stand; less than a page that asks every second is still */
const QUIET = 400;

/** Whether the first page stands: what it did not wait for may be fetched, since a slow line is no longer shared. */
export function useQuiet(): boolean {
    const isBusy = useIsFetching() > 0;
    const [isQuiet, setQuiet] = useState(false);
    useEffect(() => {
        if (isBusy || isQuiet) {
            return;
        }
        // Not while the answers are still being drawn; a browser that cannot say whether it has time is not waited for.
        let idle = 0;
        const timer = setTimeout(() => {
            if ('requestIdleCallback' in globalThis) {
                idle = requestIdleCallback(() => setQuiet(true), { timeout: QUIET });
            } else {
                setQuiet(true);
            }
        }, QUIET);
        return () => {
            clearTimeout(timer);
            if (idle !== 0) {
                cancelIdleCallback(idle);
            }
        };
    }, [isBusy, isQuiet]);
    return isQuiet;
}
