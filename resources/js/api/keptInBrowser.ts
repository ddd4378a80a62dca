/** What a browser keeps, or a test in its place. */
export type BrowserStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/** What a page keeps in the browser until the server holds it: under a name of its own, beside that of other pages of the same. */
export class KeptInBrowser<T> {
    private readonly own: string;

    /**
     * @param of what it belongs to, as "dinghy-changes-1-"
     * @param page names this page among others
     */
    constructor(
        private readonly store: BrowserStore,
        private readonly of: string,
        page: string,
    ) {
        this.own = of + page;
    }

    /** What earlier pages have left, taken over: one that is still open sends its own too, under the same ids, so that it is made once. */
    takeOver(): T[] {
        try {
            const names = Array.from({ length: this.store.length }, (_, at) => this.store.key(at) ?? '').filter((name) => name.startsWith(this.of));
            const left = names.flatMap((name) => [JSON.parse(this.store.getItem(name) ?? 'null') as T | null].filter((one): one is NonNullable<typeof one> => one !== null)) as T[];
            names.forEach((name) => this.store.removeItem(name));
            return left;
        } catch {
            return []; // the browser keeps nothing, or not what was put there
        }
    }

    /** @param what null: nothing is left to keep */
    keep(what: T | null): void {
        try {
            if (what === null) {
                this.store.removeItem(this.own);
            } else {
                this.store.setItem(this.own, JSON.stringify(what));
            }
        } catch {
            // The browser has no room: it is sent while the page is open.
        }
    }
}
