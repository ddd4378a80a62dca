import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import { ask, NotReached, Refused } from '../../resources/js/api/client';

const fetched = vi.fn<(path: string, request: RequestInit) => Promise<Response>>();
const answers = (status: number, body: unknown) => fetched.mockImplementation(() => Promise.resolve(new Response(body === null ? null : JSON.stringify(body), { status })));

beforeEach(() => {
    vi.stubGlobal('fetch', fetched);
    vi.stubGlobal('document', { cookie: 'laravel=1; XSRF-TOKEN=a%3Db' });
});
afterEach(() => {
    vi.unstubAllGlobals();
    fetched.mockReset();
});

describe('what is asked of the server', () => {
    it('gives what was answered, and nothing for nothing', async () => {
        answers(200, { id: 7 });
        await expect(ask('jobs/7')).resolves.toEqual({ id: 7 });
        answers(204, null);
        await expect(ask('session', { method: 'DELETE' })).resolves.toBeUndefined();
    });

    it('carries the token of its session with every change, and with no reading', async () => {
        answers(200, {});
        await ask('jobs');
        expect(fetched.mock.calls[0]?.[1].headers).not.toHaveProperty('X-XSRF-TOKEN');
        await ask('jobs', { method: 'POST', body: { title: 'x' } });
        expect(fetched.mock.calls[1]?.[1].headers).toMatchObject({ 'X-XSRF-TOKEN': 'a=b', 'Content-Type': 'application/json' });
        expect(fetched.mock.calls[1]?.[1].body).toBe('{"title":"x"}');
    });

    it('hands on the sentence of a refusal, and both values of a clash', async () => {
        answers(422, { message: 'Not kept: expected a length.' });
        await expect(ask('x')).rejects.toMatchObject({ name: 'Error', status: 422, message: 'Not kept: expected a length.', clash: null });
        answers(409, { message: 'Somebody changed it.', theirs: '6 AWG' });
        await expect(ask('x')).rejects.toMatchObject({ status: 409, clash: { theirs: '6 AWG' } });
        answers(403, { nothing: true });
        await expect(ask('x')).rejects.toThrow('The server refused without a reason.');
    });

    it('tells a sign-in that has ended from one that was wrong', async () => {
        answers(419, { message: 'CSRF token mismatch.' });
        await expect(ask('jobs/1/plan/edits', { method: 'POST' })).rejects.toThrow('your sign-in has ended');
        answers(401, { message: 'Nobody has that password.' });
        await expect(ask('session', { method: 'POST' })).rejects.toThrow('Nobody has that password.');
    });

    it('sends again what was sent with the token of another session, once the one that counts is known', async () => {
        fetched
            .mockImplementationOnce(() => Promise.resolve(new Response('{"message":"CSRF token mismatch."}', { status: 419 })))
            .mockImplementationOnce(() => {
                vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=fresh' });
                return Promise.resolve(new Response('{"message":"Unauthenticated."}', { status: 401 }));
            })
            .mockImplementationOnce(() => Promise.resolve(new Response('{"name":"Rigger"}', { status: 200 })));
        await expect(ask('session', { method: 'POST', body: { email: 'x' } })).resolves.toEqual({ name: 'Rigger' });
        expect(fetched.mock.calls.map(([path, request]) => [path, (request.headers as unknown as Record<string, string>)['X-XSRF-TOKEN']])).toEqual([['/api/session', 'a=b'], ['/api/session', undefined], ['/api/session', 'fresh']]);
    });

    it('does not call a silent or broken server a refusal', async () => {
        fetched.mockRejectedValue(new TypeError('network'));
        await expect(ask('x')).rejects.toBeInstanceOf(NotReached);
        answers(503, { message: 'The database does not answer.' });
        await expect(ask('x')).rejects.toThrow('The database does not answer.');
        answers(500, { message: 'Server Error' });
        await expect(ask('x')).rejects.toThrow('The server has a fault.');
        fetched.mockResolvedValue(new Response('<html>', { status: 200 }));
        const answered = ask('x');
        await expect(answered).rejects.toBeInstanceOf(NotReached);
        await expect(answered).rejects.not.toBeInstanceOf(Refused);
    });
});
