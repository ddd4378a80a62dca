import { patient, takeEarly } from './patient';
import type { Clash } from './types';

/** The server answered and said no. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly clash: Clash | null = null,
    ) {
        super(message);
    }
}

/** The server, or the database behind it, did not answer: nothing is known to be kept. */
export class NotReached extends Error {}

interface Options {
    method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
    /** sent as JSON */
    body?: unknown;
    /** sent as it is */
    raw?: string;
    /** what that is, where it is no JSON */
    type?: string;
    /** the id of the change: sent again under it, it is not made again */
    change?: string;
}

/** The token was not the session's: refused before anything was done. */
const OTHER_TOKEN = 419;

/** What the server answers when the session, or the token that goes with it, is over. */
const SIGNED_OUT = [401, OTHER_TOKEN];

export async function ask<T>(path: string, options: Options = {}): Promise<T> {
    const { method = 'GET' } = options;
    let response: Response;
    try {
        response = await ((method === 'GET' ? takeEarly(path) : undefined) ?? sent(path, options));
        if (response.status === OTHER_TOKEN) {
            // A late answer of a session before may have left its cookie; the next answer brings the one that counts.
            await patient('session');
            response = await sent(path, options);
        }
    } catch {
        throw new NotReached('The server does not answer.');
    }
    if (response.status === 204) {
        return undefined as T;
    }
    const answer: unknown = await response.json().catch(() => null);
    if (response.ok && answer !== null) {
        return answer as T;
    }
    const message = SIGNED_OUT.includes(response.status) && path !== 'session' ? 'Not kept: your sign-in has ended. Sign in again; what you typed stays here.' : messageOf(answer);
    if (response.status >= 500 || answer === null) {
        throw new NotReached(message ?? 'The server has a fault.');
    }
    throw new Refused(response.status, message ?? 'The server refused without a reason.', response.status === 409 ? (answer as Clash) : null);
}

function sent(path: string, { method = 'GET', body, raw, type = 'application/json', change }: Options): Promise<Response> {
    return patient(path, {
        method,
        headers: {
            ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': csrfToken() }),
            ...(change === undefined ? {} : { 'Change-Id': change }),
            ...(body === undefined && raw === undefined ? {} : { 'Content-Type': type }),
        },
        body: raw ?? (body === undefined ? undefined : JSON.stringify(body)),
    });
}

function messageOf(answer: unknown): string | null {
    if (typeof answer !== 'object' || answer === null || !('message' in answer) || typeof answer.message !== 'string') {
        return null;
    }
    return answer.message === 'Server Error' ? 'The server has a fault.' : answer.message;
}

/** What the server's cookie asks to be sent back with every change. */
export function csrfToken(): string {
    const cookie = document.cookie.split('; ').find((pair) => pair.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}
