/** ms until a server that says nothing is taken to be silent */
const PATIENCE = 15_000;

/** A request to the server of this page, with what every one of them has. */
export function patient(path: string, { headers, ...request }: Omit<RequestInit, 'headers'> & { headers?: Record<string, string> } = {}): Promise<Response> {
    return fetch(`/api/${path}`, { ...request, headers: { Accept: 'application/json', ...headers }, signal: AbortSignal.timeout(PATIENCE) });
}

/** What was asked for before the page stood, once; undefined: nothing was, or something else. */
export function takeEarly(path: string): Promise<Response> | undefined {
    const shared = globalThis as { dinghyEarly?: { path: string; answer: Promise<Response> } };
    const early = shared.dinghyEarly;
    if (early?.path !== path) {
        return undefined;
    }
    delete shared.dinghyEarly;
    return early.answer;
}
