/** A photograph that is not up yet: kept in the browser, so that neither a broken line nor a closed page loses it. */
export interface Waiting {
    id: string;
    job: number;
    of: string;
    words: string;
    picture: Blob;
    /** where its pieces go, once the server has said so */
    place?: string;
}

const NAME = 'dinghy-photographs';
const STORE = 'waiting';

function open(): Promise<IDBDatabase> {
    return new Promise((done, failed) => {
        const request = indexedDB.open(NAME, 1);
        request.onupgradeneeded = () => request.result.createObjectStore(STORE, { keyPath: 'id' });
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(request.error ?? new Error('The browser keeps no photographs.'));
    });
}

async function inStore<T>(mode: IDBTransactionMode, act: (store: IDBObjectStore) => IDBRequest<T>): Promise<T> {
    const database = await open();
    return new Promise<T>((done, failed) => {
        const request = act(database.transaction(STORE, mode).objectStore(STORE));
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(request.error ?? new Error('The browser keeps no photographs.'));
    }).finally(() => database.close());
}

export const putWaiting = (waiting: Waiting) => inStore('readwrite', (store) => store.put(waiting));
export const dropWaiting = (id: string) => inStore('readwrite', (store) => store.delete(id));
export const allWaiting = () => inStore<Waiting[]>('readonly', (store) => store.getAll() as IDBRequest<Waiting[]>);
export const oneWaiting = (id: string) => inStore<Waiting | undefined>('readonly', (store) => store.get(id) as IDBRequest<Waiting | undefined>);
