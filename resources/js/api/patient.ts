/** ms until a server that says nothing is taken to be silent */
const PATIENCE = 15_000;

/** A request to the server of this page, with what every one of them has. */
export function patient(path: string, { headers, ...request }: Omit<RequestInit, 'headers'> & { headers?: Record<string, string> } = {}): Promise<Response> {
    return fetch(`/api/${path}`, { ...request, headers: { Accept: 'application/json', ...headers }, signal: AbortSignal.timeout(PATIENCE) });
}

/** Where what was asked for before the page stood waits for it: two scripts of one page have no other place in common. */
function early(): Map<string, Promise<Response>> {
    const shared = globalThis as { dinghyEarly?: Map<string, Promise<Response>> };
    return (shared.dinghyEarly ??= new Map<string, Promise<Response>>());
}

/** Asks before the page stands that will want the answer. */
export function askEarly(path: string): void {
    const answer = patient(path);
    answer.catch(() => undefined); // whoever takes it hears of it
    early().set(path, answer);
}

/** What was asked for early, once; undefined: it was not. */
export function takeEarly(path: string): Promise<Response> | undefined {
    const answer = early().get(path);
    early().delete(path);
    return answer;
}
