import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import { NotReached, Refused } from '../../resources/js/api/client';
import type { WorkKept } from '../../resources/js/api/types';
import { type Entry, WorkQueue } from '../../resources/js/rig/workQueue';
import { nextOf, standingOf } from '../../resources/js/rig/standing';

type Fate = 'lost' | 'answer lost' | 'signed out' | 'refused' | 'too many';

/** A server that keeps each entry once, by its id, whatever becomes of its answers. */
class Server {
    readonly kept: Entry[] = [];
    /** what comes of the next requests; none: they are answered */
    fate: Fate[] = [];
    /** steps that it does not take */
    refuses = new Set<string>();

    readonly ask = ((_path: string, options?: { body?: unknown }) => {
        const entries = (options?.body as { entries: Entry[] }).entries;
        const fate = this.fate.shift();
        if (fate === 'lost') {
            return Promise.reject(new NotReached('The server does not answer.'));
        }
        const status = { refused: 422, 'signed out': 401, 'too many': 429 }[fate as string];
        if (status !== undefined) {
            return Promise.reject(new Refused(status, `Not kept: ${fate}.`));
        }
        const outcomes = entries.map((entry) => {
            const isTaken = !this.refuses.has(entry.step);
            if (isTaken && !this.kept.some((one) => one.id === entry.id)) {
                this.kept.push(entry);
            }
            return { id: entry.id, kept: isTaken, says: isTaken ? null : 'Not yet.' };
        });
        return fate === 'answer lost' ? Promise.reject(new NotReached('The server does not answer.')) : Promise.resolve({ outcomes, plan_changed: false, work: {} } as unknown as WorkKept);
    }) as ConstructorParameters<typeof WorkQueue>[1]['ask'];
}

function phone(server: Server, stored = new Map<string, string>()) {
    const accepted: WorkKept[] = [];
    const queue = new WorkQueue(1, {
        ask: server.ask,
        accept: (answer) => void accepted.push(answer),
        units: () => 'metric',
        store: { getItem: (key) => stored.get(key) ?? null, setItem: (key, value) => void stored.set(key, value), removeItem: (key) => void stored.delete(key), key: (at) => [...stored.keys()][at] ?? null, get length() { return stored.size; } },
    });
    return { queue, stored, accepted, done: (step: string) => queue.submit({ step, act: 'done', by: 7 }) };
}

const steps = (entries: Entry[]) => entries.map((entry) => entry.step);

describe('entries of the work', () => {
    beforeEach(() => void vi.useFakeTimers());
    afterEach(() => void vi.useRealTimers());

    it('are sent in their order, once, and told to be kept', async () => {
        const server = new Server();
        const { queue, done } = phone(server);
        ['a', 'b', 'c'].forEach(done);
        expect(steps(queue.snapshot().waiting)).toEqual(['a', 'b', 'c']);
        await vi.runAllTimersAsync();
        expect(steps(server.kept)).toEqual(['a', 'b', 'c']);
        expect(queue.snapshot()).toMatchObject({ waiting: [], untaken: [], line: 'clear' });
        expect(queue.snapshot().kept).not.toBeNull();
    });

    it('stay on the phone until they are answered, and go on from another page', async () => {
        const server = new Server();
        server.fate = ['lost', 'lost'];
        const first = phone(server);
        first.done('a');
        await vi.advanceTimersByTimeAsync(100);
        expect(first.queue.snapshot().line).toBe('silent');
        expect(first.stored.size).toBe(1);
        const second = phone(server, first.stored);
        second.queue.sendOn();
        await vi.runAllTimersAsync();
        // Both pages had it: under one id it is there once.
        expect(steps(server.kept)).toEqual(['a']);
        expect(second.stored.size).toBe(0);
    });

    it('that are refused stay with their reason, and hold up no other', async () => {
        const server = new Server();
        server.refuses.add('b');
        const { queue, done } = phone(server);
        ['a', 'b', 'c'].forEach(done);
        await vi.runAllTimersAsync();
        expect(steps(server.kept)).toEqual(['a', 'c']);
        expect(queue.snapshot().untaken.map(({ entry, says }) => [entry.step, says])).toEqual([['b', 'Not yet.']]);
        // Sent again it is another entry, of the same moment.
        const [refused] = queue.snapshot().untaken;
        const { entry } = refused as NonNullable<typeof refused>;
        queue.letGo(entry.id);
        expect(queue.snapshot().untaken).toEqual([]);
        server.refuses.clear();
        queue.submit(entry);
        await vi.runAllTimersAsync();
        expect(server.kept.at(-1)).toMatchObject({ step: 'b', at: entry.at });
        expect(server.kept.at(-1)?.id).not.toBe(entry.id);
    });

    it('wait for their person where the sign-in has ended', async () => {
        const server = new Server();
        server.fate = ['signed out'];
        const { queue, done } = phone(server);
        done('a');
        await vi.runAllTimersAsync();
        expect(queue.snapshot()).toMatchObject({ line: 'signed-out' });
        queue.sendOn();
        await vi.runAllTimersAsync();
        expect(steps(server.kept)).toEqual(['a']);
    });

    it('come once and in their order, whatever the line does', async () => {
        await fc.assert(
            fc.asyncProperty(fc.array(fc.constantFrom<Fate>('lost', 'answer lost', 'too many'), { maxLength: 12 }), fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 30 }), async (fate, pauses) => {
                const server = new Server();
                server.fate = [...fate];
                const { queue, done } = phone(server);
                for (const [number, pause] of pauses.entries()) {
                    done(String(number));
                    await vi.advanceTimersByTimeAsync(pause * 100);
                }
                await vi.runAllTimersAsync();
                expect(steps(server.kept)).toEqual(pauses.map((_, number) => String(number)));
                expect(queue.snapshot().waiting).toEqual([]);
            }),
            { numRuns: 60 },
        );
    });
});

describe('how a step stands', () => {
    const work = { done: [{ step: 'a' }], ready: ['b', 'd'], waits: [{ step: 'w' }], held: [{ step: 'h' }], next: ['b', 'd', 'e'] } as unknown as Parameters<typeof standingOf>[1]['work'];
    const waiting = (act: Entry['act'], step: string) => ({ id: '1', at: '', by: 1, act, step });

    const of = (id: string, needs: string[] = []) => ({ id, needs });

    it('is what the server holds, and what waits to be sent', () => {
        expect([of('a'), of('b', ['a']), of('w'), of('h'), of('x', ['a', 'b'])].map((step) => standingOf(step, { work, waiting: [] }))).toEqual(['done', 'ready', 'waiting', 'held', 'open']);
        expect(standingOf(of('b'), { work, waiting: [waiting('done', 'b')] })).toBe('sending');
        expect(standingOf(of('a'), { work, waiting: [waiting('undo', 'a')] })).toBe('open');
        expect(standingOf(of('b'), { work, waiting: [waiting('note', 'b')] })).toBe('ready');
        expect(standingOf(of('b'), { work: undefined, waiting: [] })).toBe('open');
        // What it needs is on its way: so is it, in the same order; taken back, it is not.
        expect(standingOf(of('x', ['a', 'b']), { work, waiting: [waiting('done', 'b')] })).toBe('ready');
        expect(standingOf(of('x', ['a']), { work, waiting: [waiting('undo', 'a')] })).toBe('open');
    });

    it('leads on past what waits to be sent', () => {
        expect(nextOf({ work, waiting: [waiting('done', 'b'), waiting('note', 'd')] })).toEqual(['d', 'e']);
        expect(nextOf({ work: undefined, waiting: [] })).toEqual([]);
    });
});
