import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

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

interface Kept extends DBSchema {
    [STORE]: { key: string; value: Waiting };
}

/** Opened for each turn and closed after it: a browser that throws its data away while the page stands would leave an open one dead. */
async function inStore<T>(act: (database: IDBPDatabase<Kept>) => Promise<T>): Promise<T> {
    const database = await openDB<Kept>(NAME, 1, { upgrade: (made) => void made.createObjectStore(STORE, { keyPath: 'id' }) });
    return act(database).finally(() => database.close());
}

export const putWaiting = (waiting: Waiting) => inStore((database) => database.put(STORE, waiting));
export const dropWaiting = (id: string) => inStore((database) => database.delete(STORE, id));
export const allWaiting = () => inStore((database) => database.getAll(STORE));
export const oneWaiting = (id: string) => inStore((database) => database.get(STORE, id));
