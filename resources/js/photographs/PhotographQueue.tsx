import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react';


import { csrfToken } from '../api/client';
import { allWaiting, dropWaiting, oneWaiting, putWaiting, type Waiting } from './waitingPhotographs';

/** One photograph on its way up. */
export interface Going {
    id: string;
    job: number;
    of: string;
    /** 0–1 */
    share: number;
    /** what it waits for until it is tried again */
    waits: 'line' | 'sign-in' | null;
    /** why the server will not have it, from whoever is signed in now or from anybody */
    refused: string | null;
    /** the browser has no room to keep it: it goes up only while the page is open */
    unkept: boolean;
}

/** bytes: small enough that a slow line shows progress, and that little is sent twice after a break */
const PIECE = 256 * 1024;
/** ms until a broken line is tried again, at first and for good */
const AGAIN = [500, 2_000, 5_000];
const AGAIN_LATER = 10_000;
/** at a time: a slow line is no quicker for more */
const AT_ONCE = 2;

/** What sends them: no page waits for it. */
export const sending = () => import('tus-js-client');

interface Queue {
    going: Going[];
    send: (job: number, files: File[], of: string, words: string) => void;
    letGo: (id: string) => void;
}

const QueueContext = createContext<Queue>({ going: [], send: () => undefined, letGo: () => undefined });

/**
 * Photographs of every boat that go up in the background, piece by piece, whatever is shown meanwhile, and go on where
 * they stopped.
 */
export function PhotographQueue({ children }: { children: ReactNode }) {
    const [going, setGoing] = useState<Going[]>([]);
    const waiting = useRef<Waiting[]>([]);
    const running = useRef(new Map<string, () => void>());
    /** ids of those that the browser has no room to keep: they go up from memory, while the page is open */
    const unkept = useRef(new Set<string>());
    const queries = useQueryClient();

    const tell = useCallback((id: string, change: Partial<Going>) => setGoing((before) => before.map((one) => (one.id === id ? { ...one, ...change } : one))), []);
    const keep = useCallback(
        (one: Waiting) =>
            putWaiting(one).catch(() => {
                unkept.current.add(one.id);
                tell(one.id, { unkept: true });
            }),
        [tell],
    );
    const next = useRef<() => void>(() => undefined);
    useEffect(() => {
        const isGone = (one: Waiting) => {
            waiting.current = waiting.current.filter((other) => other.id !== one.id);
            setGoing((before) => before.filter((other) => other.id !== one.id || other.refused !== null));
            void queries.invalidateQueries({ queryKey: ['stage', 'survey', one.job] });
            void queries.invalidateQueries({ queryKey: ['job', String(one.job)] });
        };
        // What cannot go now rests, so that it holds up no other.
        const resting = new Set<string>();
        let isAlive = true;
        const goOn = () => {
            if (isAlive) {
                next.current();
            }
        };
        const later = (one: Waiting) => {
            resting.add(one.id);
            setTimeout(() => {
                resting.delete(one.id);
                goOn();
            }, AGAIN_LATER);
        };
        const send = async (one: Waiting) => {
            const library = await sending().catch(() => null); // it is a script of its own, and the line may be down
            if (library === null) {
                tell(one.id, { waits: 'line' });
                later(one);
                return;
            }
            const { Upload } = library;
            await new Promise<void>((done) => {
                const upload = new Upload(one.picture, {
                    endpoint: `/api/jobs/${one.job}/photographs/uploads`,
                    ...(one.place === undefined ? {} : { uploadUrl: one.place }),
                    chunkSize: PIECE,
                    retryDelays: AGAIN,
                    storeFingerprintForResuming: false,
                    metadata: { of: one.of, words: one.words },
                    onBeforeRequest: (request) => {
                        request.setHeader('X-XSRF-TOKEN', csrfToken());
                        request.setHeader('Accept', 'application/json');
                    },
                    onUploadUrlAvailable: () => {
                        one.place = upload.url ?? undefined;
                        void keep(one);
                    },
                    onProgress: (sent, total) => tell(one.id, { share: sent / total, waits: null }),
                    onShouldRetry: (error) => {
                        const status = error.originalResponse?.getStatus() ?? 0;
                        const again = status === 0 || status >= 500 || status === 409;
                        tell(one.id, again ? { waits: 'line' } : {});
                        return again;
                    },
                    onSuccess: () => {
                        void dropWaiting(one.id).then(done);
                        isGone(one);
                    },
                    onError: (error) => {
                        const answer = 'originalResponse' in error ? error.originalResponse : null;
                        const status = answer?.getStatus() ?? 0;
                        if (status === 422 || status === 413 || status === 403) {
                            tell(one.id, { refused: sentence(answer?.getBody()), waits: null });
                            waiting.current = waiting.current.filter((other) => other.id !== one.id);
                            // Who may not send it may have signed in after who may: it stays, and is tried when the page is opened again.
                            void (status === 403 ? Promise.resolve() : dropWaiting(one.id)).then(done);
                            return;
                        }
                        if (status === 404) {
                            delete one.place; // the server has let go of it: from the beginning
                            void keep(one);
                        }
                        tell(one.id, { waits: status === 401 || status === 419 ? 'sign-in' : 'line' });
                        later(one);
                        done();
                    },
                });
                running.current.set(one.id, () => {
                    void upload.abort();
                    done();
                });
                upload.start();
            });
        };
        // Two tabs have one queue: the second waits for the photograph's lock, and then finds that it has gone up.
        const turn = new AbortController();
        const start = async (one: Waiting) => {
            running.current.set(one.id, () => undefined);
            await inTurn(one.id, turn.signal, async () => {
                const kept = unkept.current.has(one.id) ? one : await oneWaiting(one.id);
                if (kept === undefined) {
                    isGone(one);
                } else {
                    await send(Object.assign(one, kept));
                }
            });
            running.current.delete(one.id);
            goOn();
        };
        next.current = () => {
            for (const one of waiting.current) {
                if (running.current.size >= AT_ONCE) {
                    return;
                }
                if (!running.current.has(one.id) && !resting.has(one.id)) {
                    void start(one);
                }
            }
        };
        const uploads = running.current;
        void allWaiting()
            .catch(() => [])
            .then((left) => {
                const earlier = left.filter((one) => !waiting.current.some((other) => other.id === one.id));
                waiting.current = [...earlier, ...waiting.current];
                setGoing((before) => [...earlier.map(begun), ...before]);
                goOn();
            });
        const online = () => {
            resting.clear();
            goOn();
        };
        window.addEventListener('online', online);
        return () => {
            isAlive = false;
            turn.abort();
            window.removeEventListener('online', online);
            uploads.forEach((stop) => stop());
            uploads.clear();
        };
    }, [queries, tell, keep]);

    const queue = useMemo<Queue>(
        () => ({
            going,
            send: (job, files, of, words) => {
                for (const picture of files) {
                    const one: Waiting = { id: crypto.randomUUID(), job, of, words, picture };
                    waiting.current.push(one);
                    setGoing((before) => [...before, begun(one)]);
                    void keep(one).then(() => next.current());
                }
            },
            letGo: (id) => {
                void dropWaiting(id);
                setGoing((before) => before.filter((one) => one.id !== id));
            },
        }),
        [going, keep],
    );
    return <QueueContext value={queue}>{children}</QueueContext>;
}

function begun({ id, job, of }: Waiting): Going {
    return { id, job, of, share: 0, waits: null, refused: null, unkept: false };
}

/** The photographs of one boat on their way up, and more of them. */
export function usePhotographQueue(job: number) {
    const { going, send, letGo } = useContext(QueueContext);
    return { going: going.filter((one) => one.job === job), send: (files: File[], of: string, words: string) => send(job, files, of, words), letGo };
}

/** Does something once no other tab is at it; a browser without locks (they want a secure page) does it at once. */
async function inTurn(id: string, signal: AbortSignal, act: () => Promise<void>): Promise<void> {
    const locks = (navigator as { locks?: LockManager }).locks;
    try {
        await (locks === undefined ? act() : locks.request(`photograph ${id}`, { signal }, act));
    } catch (error) {
        if (!signal.aborted) {
            throw error;
        }
    }
}

function sentence(body: string | undefined): string {
    try {
        const answer: unknown = JSON.parse(body ?? '');
        return typeof answer === 'object' && answer !== null && 'message' in answer && typeof answer.message === 'string' ? answer.message : 'The server refused it.';
    } catch {
        return 'The server refused it.';
    }
}
