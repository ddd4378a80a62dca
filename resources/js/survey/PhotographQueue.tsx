import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { DetailedError, Upload } from 'tus-js-client';

import { csrfToken } from '../api/client';
import { allWaiting, dropWaiting, putWaiting, type Waiting } from './waitingPhotographs';

/** One photograph on its way up. */
export interface Going {
    id: string;
    job: number;
    of: string;
    /** 0–1 */
    share: number;
    /** the line is broken and is tried again */
    waits: boolean;
    /** why the server will not have it */
    refused: string | null;
}

/** bytes: small enough that a slow line shows progress, and that little is sent twice after a break */
const PIECE = 256 * 1024;
/** ms until a broken line is tried again, at first and for good */
const AGAIN = [500, 2_000, 5_000];
const AGAIN_LATER = 10_000;
/** at a time: a slow line is no quicker for more */
const AT_ONCE = 2;

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
    const running = useRef(new Map<string, Upload>());
    const queries = useQueryClient();

    const tell = useCallback((id: string, change: Partial<Going>) => setGoing((before) => before.map((one) => (one.id === id ? { ...one, ...change } : one))), []);
    const next = useRef<() => void>(() => undefined);
    useEffect(() => {
        const start = (one: Waiting) => {
            const forget = () => {
                waiting.current = waiting.current.filter((other) => other.id !== one.id);
                void dropWaiting(one.id);
            };
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
                    void putWaiting(one);
                },
                onProgress: (sent, total) => tell(one.id, { share: sent / total, waits: false }),
                onShouldRetry: (error) => {
                    tell(one.id, { waits: true });
                    const status = error.originalResponse?.getStatus() ?? 0;
                    return status === 0 || status >= 500 || status === 409;
                },
                onSuccess: () => {
                    running.current.delete(one.id);
                    forget();
                    setGoing((before) => before.filter((other) => other.id !== one.id));
                    void queries.invalidateQueries({ queryKey: ['survey', one.job] });
                    void queries.invalidateQueries({ queryKey: ['job', String(one.job)] });
                    next.current();
                },
                onError: (error) => {
                    running.current.delete(one.id);
                    const answer = error instanceof DetailedError ? error.originalResponse : null;
                    const status = answer?.getStatus() ?? 0;
                    if (status === 422 || status === 413 || status === 403) {
                        forget();
                        tell(one.id, { refused: sentence(answer?.getBody()), waits: false });
                        next.current();
                        return;
                    }
                    if (status === 404) {
                        delete one.place; // the server has let go of it: from the beginning
                    }
                    tell(one.id, { waits: true });
                    setTimeout(() => next.current(), AGAIN_LATER);
                },
            });
            running.current.set(one.id, upload);
            upload.start();
        };
        next.current = () => {
            for (const one of waiting.current) {
                if (running.current.size >= AT_ONCE) {
                    return;
                }
                if (!running.current.has(one.id)) {
                    start(one);
                }
            }
        };
        const uploads = running.current;
        void allWaiting().then((left) => {
            waiting.current = left;
            setGoing(left.map(({ id, job, of }) => ({ id, job, of, share: 0, waits: false, refused: null })));
            next.current();
        });
        const online = () => next.current();
        window.addEventListener('online', online);
        return () => {
            window.removeEventListener('online', online);
            uploads.forEach((upload) => void upload.abort());
            uploads.clear();
        };
    }, [queries, tell]);

    const queue = useMemo<Queue>(
        () => ({
            going,
            send: (job, files, of, words) => {
                for (const picture of files) {
                    const one: Waiting = { id: crypto.randomUUID(), job, of, words, picture };
                    waiting.current.push(one);
                    setGoing((before) => [...before, { id: one.id, job, of, share: 0, waits: false, refused: null }]);
                    void putWaiting(one).then(() => next.current());
                }
            },
            letGo: (id) => setGoing((before) => before.filter((one) => one.id !== id)),
        }),
        [going],
    );
    return <QueueContext value={queue}>{children}</QueueContext>;
}

/** The photographs of one boat on their way up, and more of them. */
export function usePhotographQueue(job: number) {
    const { going, send, letGo } = useContext(QueueContext);
    return { going: going.filter((one) => one.job === job), send: (files: File[], of: string, words: string) => send(job, files, of, words), letGo };
}

function sentence(body: string | undefined): string {
    try {
        const answer: unknown = JSON.parse(body ?? '');
        return typeof answer === 'object' && answer !== null && 'message' in answer && typeof answer.message === 'string' ? answer.message : 'The server refused it.';
    } catch {
        return 'The server refused it.';
    }
}
