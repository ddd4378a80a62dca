import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, vi } from 'vitest';

import { UnitsContext } from '../../resources/js/units/units';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

/** A part of the page as the page holds it, and a hand at it. */
export function rendered(part: ReactNode) {
    const queries = new QueryClient();
    const within = (inner: ReactNode) => (
        <MantineProvider env="test">
            <QueryClientProvider client={queries}>
                <UnitsContext value={{ system: 'metric', choose: () => undefined, begin: () => undefined }}>{inner}</UnitsContext>
            </QueryClientProvider>
        </MantineProvider>
    );
    const { rerender } = render(within(part));
    return { hand: userEvent.setup(), again: (other: ReactNode) => rerender(within(other)) };
}

/** What the server answers, by a piece of the address; what is not named never answers. */
export function serverAnswers(answers: Record<string, unknown>) {
    const asked = vi.fn((address: string) => {
        const known = Object.keys(answers).find((piece) => address.includes(piece));
        return known === undefined ? new Promise<Response>(() => undefined) : Promise.resolve(new Response(JSON.stringify(answers[known]), { status: 200 }));
    });
    vi.stubGlobal('fetch', asked);
    return asked;
}
