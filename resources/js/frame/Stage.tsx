import { useQuery } from '@tanstack/react-query';
import { lazy, type ReactNode, Suspense, useEffect, useState } from 'react';
import { Link, useParams } from 'react-router-dom';

import { ask, Refused } from '../api/client';
import type { Job, PlannedJob } from '../api/types';
import { jobKey, type PlanEdits, usePlanEdits } from '../plan/usePlanEdits';
import { useUnits } from '../units/units';
import { ToSignIn } from '../sign-in/ToSignIn';
import classes from './Stage.module.css';
import { useOffline } from './useOffline';

const SignInAgain = lazy(async () => ({ default: (await import('../sign-in/SignInAgain')).SignInAgain }));

/** How often others' changes are asked for. */
const LOOK_MS = 2_000;

export interface StageProps {
    job: PlannedJob;
    edits: PlanEdits;
    /** the server does not answer: what is shown may be old */
    silent: boolean;
}

/** A stage of the boat that the address names, once its plan is there. */
export function Stage({ stage, children }: { stage: string; children: (props: StageProps) => ReactNode }) {
    const id = useParams().job ?? '';
    const { system } = useUnits();
    const edits = usePlanEdits(id, system, stage);
    const job = useQuery({
        queryKey: jobKey(id, system),
        queryFn: () => ask<Job>(`jobs/${id}?units=${system}`),
        // Signed out, nothing is asked: an answer to a guest that comes late would take the place of the new sign-in.
        refetchInterval: (query) => (edits.line === 'signed-out' || isSignedOutBy(query.state.error) ? false : LOOK_MS),
        placeholderData: (before) => before,
        // A server that does not answer is said at once; it is asked again soon enough.
        retry: false,
    });
    const isOffline = useOffline();
    /** the changes that waited when the sign-in was put off: another one asks again */
    const [putOff, setPutOff] = useState<number | null>(null);
    const isThere = job.data !== undefined;
    const { sendOn } = edits;
    useEffect(() => {
        if (isThere) {
            sendOn(); // what waited here since the page was left
        }
    }, [isThere, sendOn]);
    const isSignedOut = edits.line === 'signed-out' || isSignedOutBy(job.error);

    if (job.data === undefined) {
        if (isSignedOutBy(job.error)) {
            return <ToSignIn />;
        }
        return (
            <main className={classes.alone}>
                {job.error === null ? <p>Fetching the boat…</p> : <p role="alert">{job.error instanceof Refused ? 'There is no such boat in your shed.' : 'The server does not answer. It is asked again by itself.'}</p>}
                <Link to="/">To the shed</Link>
            </main>
        );
    }
    if (job.data.plan === null || job.data.evaluation === null || job.data.version === null) {
        return (
            <main className={classes.alone}>
                <h1>{job.data.boat}</h1>
                <p>No plan yet.</p>
                <Link to="/">To the shed</Link>
            </main>
        );
    }
    return (
        <>
            {children({ job: job.data as PlannedJob, edits, silent: isOffline || (job.isError && !(job.error instanceof Refused)) })}
            {isSignedOut && putOff !== edits.waiting && (
                <Suspense fallback={null}>
                    <SignInAgain
                        onDone={() => {
                            void job.refetch().then(sendOn);
                        }}
                        onClose={() => setPutOff(edits.waiting)}
                    />
                </Suspense>
            )}
        </>
    );
}

function isSignedOutBy(error: Error | null): boolean {
    return error instanceof Refused && error.status === 401;
}
