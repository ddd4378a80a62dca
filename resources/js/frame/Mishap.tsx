import { Button } from '@mantine/core';
import { Component, type ReactNode } from 'react';

import { ask, NotReached } from '../api/client';
import classes from './Stage.module.css';

interface State {
    error: Error | null;
    silent: boolean;
}

/** In the place of a page that could not be drawn, or fetched: what happened, and a way on. Nothing that waits is lost by it. */
export class Mishap extends Component<{ children: ReactNode }, State> {
    override state: State = { error: null, silent: false };

    static getDerivedStateFromError(error: Error): Partial<State> {
        return { error };
    }

    override render(): ReactNode {
        if (this.state.error === null) {
            return this.props.children;
        }
        return (
            <main className={classes.alone} role="alert">
                <h1>This page could not be shown</h1>
                <p>{this.state.silent ? 'The server does not answer yet.' : isUnfetched(this.state.error) ? 'It could not be fetched: there is no network, or the server does not answer.' : `Dinghy has a fault here: ${this.state.error.message}`}</p>
                <p>What was kept is kept, and what waits to be sent stays in this browser.</p>
                <p className={classes.acts}>
                    <Button onClick={() => void this.again()}>Try again</Button>
                    <Button variant="outline" onClick={() => window.history.back()}>
                        Back to where you were
                    </Button>
                </p>
            </main>
        );
    }

    override componentDidMount(): void {
        window.addEventListener('popstate', this.forget);
        window.addEventListener('online', this.onLine);
    }

    override componentWillUnmount(): void {
        window.removeEventListener('popstate', this.forget);
        window.removeEventListener('online', this.onLine);
    }

    private readonly forget = () => this.setState({ error: null, silent: false });

    private readonly onLine = () => {
        if (this.state.error !== null && isUnfetched(this.state.error)) {
            void this.again();
        }
    };

    /** A page loaded again while the server is silent would be lost altogether. */
    private async again(): Promise<void> {
        const silent = await ask('session').then(
            () => false,
            (error: unknown) => error instanceof NotReached,
        );
        if (silent) {
            this.setState({ silent });
        } else {
            window.location.reload();
        }
    }
}

/** What browsers say of a script that they could not get. */
function isUnfetched(error: Error): boolean {
    return /dynamically imported module|Importing a module script failed|Failed to fetch|preload CSS/i.test(error.message);
}
