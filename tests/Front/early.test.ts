import { afterEach, describe, expect, it, vi } from 'vitest';

import { ask } from '../../resources/js/api/client';
import { askEarly } from '../../resources/js/api/patient';

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
