// @vitest-environment happy-dom
import { act, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';

import type { PatchStep, PlannedJob } from '../../resources/js/api/types';
import { type Looked, usePreview } from '../../resources/js/plan/usePreview';
import { skiffJob } from './job';
import { rendered } from './rendered';

const patch = (length: number): PatchStep[] => [{ on: 'feed:house', set: { 'run.length_m': length } }];

describe('a change that is looked at while a hand drags', () => {
    const shown = () => {
        const answers: ((verdict: string) => Promise<void>)[] = [];
        const bodies: { patch: PatchStep[] }[] = [];
        vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
            bodies.push(JSON.parse(init.body as string) as { patch: PatchStep[] });
            return new Promise<Response>((come) =>
                answers.push(async (verdict) => {
                    come(new Response(JSON.stringify({ verdict }), { status: 200 }));
                    await new Promise((later) => setTimeout(later, 20));
                }),
            );
        });
        let looked: Looked | undefined;
        const Hand = () => {
            looked = usePreview({ ...skiffJob(), version: { hash: 'h' } as PlannedJob['version'] }, 'layout');
            return <p>{looked.preview?.verdict ?? 'nothing looked at'}</p>;
        };
        rendered(<Hand />);
        return { look: (wanted: PatchStep[] | null) => act(() => looked?.look(wanted)), answers, bodies };
    };

    it('is asked about one at a time, and of those meanwhile only the last', async () => {
        const { look, answers, bodies } = shown();
        for (let length = 1; length <= 12; length++) {
            look(patch(length));
        }
        expect(bodies).toHaveLength(1);
        await act(() => answers[0]?.('after one') ?? Promise.resolve());
        expect(await screen.findByText('after one')).toBeTruthy();
        await waitFor(() => expect(bodies.map((body) => body.patch[0]?.set?.['run.length_m'])).toEqual([1, 12]));
        await act(() => answers[1]?.('after twelve') ?? Promise.resolve());
        expect(await screen.findByText('after twelve')).toBeTruthy();
        expect(bodies).toHaveLength(2);
    });

    it('is gone when the hand lets go, though an answer comes late', async () => {
        const { look, answers } = shown();
        look(patch(3));
        look(null);
        await act(() => answers[0]?.('too late') ?? Promise.resolve());
        expect(screen.getByText('nothing looked at')).toBeTruthy();
    });
});
