import { afterEach, describe, expect, it, vi } from 'vitest';

import { ask } from '../../resources/js/api/client';
import { askEarly, othersAnswered, patient } from '../../resources/js/api/patient';

describe('What the first script asks for', () => {
    afterEach(() => vi.unstubAllGlobals());

    it('is not asked for again by the page, but by the one after it', async () => {
        const server = vi.fn(() => Promise.resolve(new Response('{"from":"the server"}')));
        vi.stubGlobal('fetch', server);
        askEarly('jobs/7?units=metric');
        askEarly('jobs/7/stages/power?units=metric');

        await ask('jobs/7/stages/power?units=metric');
        await ask('jobs/7?units=metric');
        expect(server).toHaveBeenCalledTimes(2);

        await ask('jobs/7?units=metric');
        expect(server).toHaveBeenCalledTimes(3);
    });

    it('tells whoever takes it that the server was not reached', async () => {
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no line')));
        askEarly('jobs/8?units=metric');
        await expect(ask('jobs/8?units=metric')).rejects.toThrow('The server does not answer.');
    });
});

describe('A sign-in', () => {
    afterEach(() => vi.unstubAllGlobals());

    it('waits for what was asked in the session before it, be it answered or not', async () => {
        const answers: { come: (answer: Response) => void; fail: () => void }[] = [];
        vi.stubGlobal('fetch', () => new Promise<Response>((come, fail) => answers.push({ come, fail: () => fail(new TypeError('no line')) })));
        askEarly('jobs/7?units=metric');
        patient('jobs/7/log').catch(() => undefined);
        let isAnswered = false;
        const others = othersAnswered().then(() => (isAnswered = true));
        answers[0]?.come(new Response('{}'));
        await new Promise((resolve) => setTimeout(resolve));
        expect(isAnswered).toBe(false);
        answers[1]?.fail();
        await others;
        expect(isAnswered).toBe(true);
        await othersAnswered();
    });
});
