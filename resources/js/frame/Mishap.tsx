import { Button, Group } from '@mantine/core';
import { useWindowEvent } from '@mantine/hooks';
import { type ReactNode, useState } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';

import { ask, NotReached } from '../api/client';
import classes from './Stage.module.css';

/** In the place of a page that could not be drawn, or fetched: what happened, and a way on. Nothing that waits is lost by it. */
export function Mishap({ children }: { children: ReactNode }) {
    return <ErrorBoundary FallbackComponent={Instead}>{children}</ErrorBoundary>;
}

function Instead({ error, resetErrorBoundary }: FallbackProps) {
    const [isSilent, setSilent] = useState(false);
    const message = error instanceof Error ? error.message : String(error);
    const unfetched = isUnfetched(message);
    /** A page loaded again while the server is silent would be lost altogether. */
    const again = async () => {
        const silent = await ask('session').then(
            () => false,
            (refused: unknown) => refused instanceof NotReached,
        );
        if (silent) {
            setSilent(true);
        } else {
            window.location.reload();
        }
    };
    useWindowEvent('popstate', resetErrorBoundary);
    useWindowEvent('online', () => {
        if (unfetched) {
            void again();
        }
    });
    return (
        <main className={classes.alone} role="alert">
            <h1>This page could not be shown</h1>
            <p>{isSilent ? 'The server does not answer yet.' : unfetched ? 'It could not be fetched: there is no network, or the server does not answer.' : `Dinghy has a fault here: ${message}`}</p>
            <p>What was kept is kept, and what waits to be sent stays in this browser.</p>
            <Group gap={8}>
                <Button onClick={() => void again()}>Try again</Button>
                <Button variant="outline" onClick={() => window.history.back()}>
                    Back to where you were
                </Button>
            </Group>
        </main>
    );
}

/** What browsers say of a script that they could not get. */
function isUnfetched(message: string): boolean {
    return /dynamically imported module|Importing a module script failed|Failed to fetch|preload CSS/i.test(message);
}
