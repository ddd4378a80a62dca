/** ms until a server that says nothing is taken to be silent */
const PATIENCE = 15_000;

/** A request to the server of this page, with what every one of them has. */
export function patient(path: string, { headers, ...request }: Omit<RequestInit, 'headers'> & { headers?: Record<string, string> } = {}): Promise<Response> {
    const answer = fetch(`/api/${path}`, { ...request, headers: { Accept: 'application/json', ...headers }, signal: AbortSignal.timeout(PATIENCE) });
    const come = answer.then(
        () => void underWay().delete(come),
        () => void underWay().delete(come),
    );
    underWay().add(come);
    return answer;
}

/**
 * Once what was asked before is answered. Each answer brings the cookie of the session that it was asked in: one that came
 * after a sign-in's would bring the ended session back.
 */
export async function othersAnswered(): Promise<void> {
    await Promise.all(underWay());
}

/** What two scripts of one page have in common; they have no other place for it. */
interface Shared {
    dinghyEarly?: Map<string, Promise<Response>>;
    dinghyUnderWay?: Set<Promise<void>>;
}

/** What was asked for before the page stood, and waits for it. */
function early(): Map<string, Promise<Response>> {
    return ((globalThis as Shared).dinghyEarly ??= new Map<string, Promise<Response>>());
}

/** What was asked and is not answered yet. */
function underWay(): Set<Promise<void>> {
    return ((globalThis as Shared).dinghyUnderWay ??= new Set<Promise<void>>());
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
