import { useEffect } from 'react';

import { useQuiet } from './api/useQuiet';
import { fetchAll } from './pages';

/** Once the first page stands, the scripts of the others are fetched. */
export function FetchAhead() {
    const isQuiet = useQuiet();
    useEffect(() => {
        if (isQuiet) {
            void fetchAll();
        }
    }, [isQuiet]);
    return null;
}
