import { useSyncExternalStore } from 'react';

function subscribe(heard: () => void): () => void {
    window.addEventListener('online', heard);
    window.addEventListener('offline', heard);
    return () => {
        window.removeEventListener('online', heard);
        window.removeEventListener('offline', heard);
    };
}

/** Whether the browser knows that it has no network. */
export const useOffline = () => useSyncExternalStore(subscribe, () => !navigator.onLine);
