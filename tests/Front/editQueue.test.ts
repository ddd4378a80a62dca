import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import { NotReached, Refused } from '../../resources/js/api/client';
import { newId } from '../../resources/js/api/newId';
import type { Job } from '../../resources/js/api/types';
import { redone, undone } from '../../resources/js/plan/changes';
import { EditQueue } from '../../resources/js/plan/editQueue';
import { skiffJob } from './job';

/** A server that keeps each change once, by its id, whatever becomes of its answers. */
class Server {
    readonly kept = new Map<string, { number: number; body: unknown }>();
    readonly asked: { path: string; change: string; body: unknown }[] = [];
    /** what comes of the next requests; none: they are answered */
    fate: ('lost' | 'answer lost' | 'refused' | 'clash' | 'signed out' | 'too many')[] = [];
    version = 1;

    readonly ask = ((path: string, options?: { change?: string; body?: unknown }) => {
        const [change, body] = [options?.change ?? '', options?.body];
        this.asked.push({ path, change, body });
        const fate = this.fate.shift();
        if (fate === 'lost') {
            return Promise.reject(new NotReached('The server does not answer.'));
        }
        const status = { refused: 422, clash: 409, 'signed out': 401, 'too many': 429 }[fate as string];
        if (status !== undefined) {
            return Promise.reject(new Refused(status, `Not kept: ${fate}.`));
        }
        if (this.kept.has(change) && JSON.stringify(this.kept.get(change)?.body) !== JSON.stringify(body)) {
            return Promise.reject(new Refused(422, 'Not kept: another change was sent under this Change-Id.'));
        }
        if (!this.kept.has(change)) {
            this.version++;
            this.kept.set(change, { number: this.version, body });
        }
        return fate === 'answer lost' ? Promise.reject(new NotReached('The server does not answer.')) : Promise.resolve(this.job(this.kept.get(change)?.number));
    }) as ConstructorParameters<typeof EditQueue>[1]['ask'];

    job(number = this.version): Job {
        const job = skiffJob();
        return { ...job, you: { id: 7, name: 'Jorun' }, version: { ...job.version, number, undo: null, redo: null } };
    }
}

function page(server: Server, stored = new Map<string, string>()) {
    let job: Job | undefined = server.job();
    const queue = new EditQueue('1', {
        job: () => job,
        accept: (answer) => (job = answer),
        outdated: () => undefined,
        system: () => 'metric',
            stage: () => 'power',
        store: { getItem: (key) => stored.get(key) ?? null, setItem: (key, value) => void stored.set(key, value), removeItem: (key) => void stored.delete(key), key: (at) => [...stored.keys()][at] ?? null, get length() { return stored.size; } },
        ask: server.ask,
    });
    return { queue, stored, show: (shown: Job | undefined) => (job = shown), set: (field: string, value: unknown) => queue.submit(() => ({ patch: [{ on: 'feed:house', set: { [field]: value } }] })) };
}

const fields = (server: Server) => [...server.kept.values()].map(({ body }) => (body as { patch: { set: Record<string, unknown> }[] }).patch[0]?.set);

beforeEach(() => {
    vi.useFakeTimers();
});
afterEach(() => {
    vi.useRealTimers();
});

describe('changes on their way', () => {
    it('are sent in their order, each under an id of its own, and are kept', async () => {
        const server = new Server();
        const { queue, set, stored } = page(server);
        const kept = Promise.all([set('a', 1), set('b', 2)]);
        expect(queue.snapshot()).toMatchObject({ line: 'sending', waiting: 2 });
        await expect(kept).resolves.toEqual([true, true]);
        await vi.runAllTimersAsync();
        expect(fields(server)).toEqual([{ a: 1 }, { b: 2 }]);
        expect(queue.snapshot()).toMatchObject({ line: 'clear', waiting: 0, unkept: [], silence: null, done: { change: { patch: [{ set: { b: 2 } }] } } });
        expect(stored.size).toBe(0);
    });

    it('all wait while the server is silent, and none is lost or overtaken', async () => {
        const server = new Server();
        server.fate = ['lost', 'lost', 'answer lost', 'lost'];
        const { queue, set, stored } = page(server);
        const answers = vi.fn();
        void set('a', 1).then(answers);
        void set('b', 2).then(answers);
        await vi.advanceTimersByTimeAsync(400);
        expect(queue.snapshot()).toMatchObject({ line: 'silent', waiting: 2, silence: 'The server does not answer.' });
        expect(answers).not.toHaveBeenCalled();
        expect([...stored.values()].map((kept) => (JSON.parse(kept) as unknown[]).length)).toEqual([2]);
        await vi.advanceTimersByTimeAsync(60_000);
        expect(answers.mock.calls).toEqual([[true], [true]]);
        expect(fields(server)).toEqual([{ a: 1 }, { b: 2 }]);
        expect(new Set(server.asked.map((one) => one.change)).size).toBe(2);
    });

    it('are asked of the server at once when the line is back', async () => {
        const server = new Server();
        server.fate = ['lost', 'lost', 'lost', 'lost', 'lost'];
        const { queue, set } = page(server);
        void set('a', 1);
        await vi.advanceTimersByTimeAsync(8_000);
        const before = server.asked.length;
        queue.sendOn();
        await vi.advanceTimersByTimeAsync(1);
        expect(server.asked).toHaveLength(before + 1);
    });

    it('come again with the page, under the ids they had', async () => {
        const server = new Server();
        server.fate = ['answer lost', 'lost'];
        const first = page(server);
        void first.set('a', 1);
        void first.set('b', 2);
        await vi.advanceTimersByTimeAsync(100);
        vi.clearAllTimers(); // the first page is closed
        const second = page(server, first.stored);
        second.show(undefined); // the boat is not known yet
        second.queue.sendOn();
        await vi.advanceTimersByTimeAsync(100);
        expect(server.asked).toHaveLength(1);
        second.show(server.job());
        second.queue.sendOn();
        await vi.advanceTimersByTimeAsync(5_000);
        expect(fields(server)).toEqual([{ a: 1 }, { b: 2 }]);
        expect(second.stored.size).toBe(0);
    });

    it('say the same again after the page was closed, so that the server knows them', async () => {
        const server = new Server();
        const first = page(server);
        const before = first.set('a', 1);
        void first.set('b', 2);
        server.fate = ['answer lost'];
        await before; // the first is made by now, and the second says that it knows of it
        await vi.advanceTimersByTimeAsync(100);
        vi.clearAllTimers();
        const second = page(server, first.stored);
        second.queue.sendOn();
        await vi.advanceTimersByTimeAsync(5_000);
        expect([fields(server), second.queue.snapshot().unkept]).toEqual([[{ a: 1 }, { b: 2 }], []]);
        expect(server.asked.at(-1)?.body).toMatchObject({ own: [2] });
    });

    it('of two pages are both kept, and sent by whichever is open', async () => {
        const server = new Server();
        server.fate = Array.from({ length: 8 }, () => 'lost' as const);
        const shared = new Map<string, string>();
        const [one, other] = [page(server, shared), page(server, shared)];
        void one.set('a', 1);
        void other.set('b', 2);
        await vi.advanceTimersByTimeAsync(100);
        vi.clearAllTimers(); // both are closed
        const third = page(server, shared);
        third.queue.sendOn();
        await vi.advanceTimersByTimeAsync(20_000);
        expect(fields(server)).toEqual([{ a: 1 }, { b: 2 }]);
        expect(shared.size).toBe(0);
    });

    it('of another boat stay where they are', async () => {
        const stored = new Map([['dinghy-changes-12-x', '[{"id":"i","change":{"undo":1},"base":1,"units":"metric","by":7}]'], ['units', 'metric']]);
        const { queue } = page(new Server(), stored);
        queue.sendOn();
        await vi.advanceTimersByTimeAsync(100);
        expect([queue.snapshot().waiting, stored.size]).toEqual([0, 2]);
    });

    it('are sent by nobody else', async () => {
        const server = new Server();
        server.fate = ['lost'];
        const first = page(server);
        void first.set('a', 1);
        await vi.advanceTimersByTimeAsync(100);
        vi.clearAllTimers(); // the first page is closed
        const second = page(server, first.stored);
        second.show({ ...server.job(), you: { id: 8, name: 'Ilka' } });
        second.queue.sendOn();
        await vi.advanceTimersByTimeAsync(10_000);
        expect(server.asked).toHaveLength(1);
        expect(second.queue.snapshot()).toMatchObject({ line: 'clear', waiting: 1 });
    });

    it('wait for their person where the sign-in has ended', async () => {
        const server = new Server();
        server.fate = ['signed out'];
        const { queue, set } = page(server);
        void set('a', 1);
        await vi.advanceTimersByTimeAsync(60_000);
        expect([queue.snapshot().line, server.asked.length]).toEqual(['signed-out', 1]);
        queue.sendOn();
        await vi.advanceTimersByTimeAsync(10);
        expect(fields(server)).toEqual([{ a: 1 }]);
    });

    it('that were refused are all named, and the others go on', async () => {
        const server = new Server();
        server.fate = ['refused', 'clash'];
        const { queue, set } = page(server);
        await expect(Promise.all([set('a', 1), set('b', 2), set('c', 3)])).resolves.toEqual([false, false, true]);
        expect(queue.snapshot().unkept.map((one) => one.message)).toEqual(['Not kept: refused.', 'Not kept: clash.']);
        queue.over(queue.snapshot().unkept[1]?.id ?? '');
        await vi.advanceTimersByTimeAsync(10);
        expect(fields(server)).toEqual([{ c: 3 }, { b: 2 }]);
        queue.letGo(queue.snapshot().unkept[0]?.id ?? '');
        expect(queue.snapshot().unkept).toEqual([]);
    });

    it('are asked again where the server wants patience', async () => {
        const server = new Server();
        server.fate = ['too many'];
        const { set } = page(server);
        void set('a', 1);
        await vi.advanceTimersByTimeAsync(1_000);
        expect(fields(server)).toEqual([{ a: 1 }]);
    });

    it('say what their person saw, and which versions since are their own', async () => {
        const server = new Server();
        const { set } = page(server);
        await Promise.all([set('a', 1), set('b', 2)]);
        await set('c', 3);
        expect(server.asked.map((one) => one.body)).toMatchObject([{ base: 1, own: [] }, { base: 1, own: [2] }, { base: 3, own: [] }]);
    });

    it('that cannot be made hold up no other', async () => {
        const server = new Server();
        const { queue, set } = page(server);
        const broken = queue.submit(() => {
            throw new Error('no such part');
        });
        await expect(Promise.all([broken, set('b', 2)])).resolves.toEqual([false, true]);
        expect(fields(server)).toEqual([{ b: 2 }]);
    });

    it('that come to nothing are kept as they are', async () => {
        const server = new Server();
        const { queue } = page(server);
        await expect(queue.submit(undone)).resolves.toBe(true);
        await expect(queue.submit(redone)).resolves.toBe(true);
        expect(server.asked).toEqual([]);
    });

    it('take back and make again what the button said', async () => {
        const server = new Server();
        const { queue, show } = page(server);
        const job = server.job();
        show({ ...job, version: { ...(job.version as NonNullable<Job['version']>), undo: { step: 5, says: '' }, redo: { step: 4, says: '' } } });
        void queue.submit(undone);
        await vi.advanceTimersByTimeAsync(1);
        expect(server.asked[0]).toMatchObject({ path: 'jobs/1/plan/undo?units=metric&showing=power', body: { step: 5 } });
    });

    it('are each kept once and in order on any line', async () => {
        await fc.assert(
            fc.asyncProperty(fc.array(fc.constantFrom('lost' as const, 'answer lost' as const, 'too many' as const), { maxLength: 12 }), fc.integer({ min: 1, max: 6 }), async (fate, many) => {
                const server = new Server();
                server.fate = [...fate];
                const { set } = page(server);
                const answers = Promise.all(Array.from({ length: many }, (_, i) => set('a', i)));
                await vi.advanceTimersByTimeAsync(120_000);
                expect(await answers).toEqual(Array.from({ length: many }, () => true));
                expect(fields(server)).toEqual(Array.from({ length: many }, (_, i) => ({ a: i })));
            }),
            { numRuns: 40 },
        );
    });
});

it('an id is a random UUID', () => {
    const ids = Array.from({ length: 200 }, newId);
    expect(new Set(ids).size).toBe(200);
    ids.forEach((id) => expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/));
});
