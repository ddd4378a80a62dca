import { useIsFetching } from '@tanstack/react-query';
import { useEffect, useState } from 'react';

/** ms without a question to the server after which the first page is taken to stand */
const QUIET = 400;

/** Whether the first page stands: what it did not wait for may be fetched, since a slow line is no longer shared. */
export function useQuiet(): boolean {
    const isBusy = useIsFetching() > 0;
    const [isQuiet, setQuiet] = useState(false);
    useEffect(() => {
        if (isBusy || isQuiet) {
            return;
        }
        const timer = setTimeout(() => setQuiet(true), QUIET);
        return () => clearTimeout(timer);
    }, [isBusy, isQuiet]);
    return isQuiet;
}
