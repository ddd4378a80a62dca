// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';

import type { Finding, PlannedJob } from '../../resources/js/api/types';
import { Findings } from '../../resources/js/plan/Findings';
import type { PlanEdits } from '../../resources/js/plan/usePlanEdits';
import { skiffJob } from './job';
import { rendered, serverAnswers } from './rendered';

const finding = (occasion: string, level: string, says: string) => ({ rule: 'W02', stage: 'power', level, on: 'feed:house', says, because: 'it burns', remedy: 'Split the load.', patch: null, source: '', mark: 'cp', figures: {}, occasion }) as unknown as Finding;
const PATCH = [{ on: 'feed:house', set: { 'run.gauge': '6 AWG' } }];

function boat(changes: Partial<PlannedJob> = {}): PlannedJob {
    const job = skiffJob();
    job.evaluation.findings = [finding('o1', 'stop', 'Too thin.'), finding('o2', 'warn', 'Far from the post.')];
    return { ...job, version: { hash: 'h1', number: 1 }, decided: [], newer: [], ...changes } as unknown as PlannedJob;
}

function shown(job: PlannedJob) {
    const edits = { submit: vi.fn(() => Promise.resolve(true)) };
    const looks = vi.fn();
    const part = (of: PlannedJob) => <Findings job={of} edits={edits as unknown as PlanEdits} onWhy={() => undefined} onShow={() => undefined} onLook={looks} />;
    const { hand, again } = rendered(part(job));
    return { edits, looks, hand, again: (of: PlannedJob) => again(part(of)), item: (at: number) => within(screen.getAllByRole('listitem')[at] as HTMLElement) };
}

describe('findings', () => {
    it('offer nothing while remedies are tried, then what was tried', async () => {
        const asked = serverAnswers({ remedies: { hash: 'h1', remedies: [{ occasion: 'o1', says: 'Run 6 AWG.', patch: PATCH }] } });
        const { edits, looks, hand, item } = shown(boat());
        expect(item(0).getByText('Trying what would mend it…')).toBeTruthy();
        expect(item(0).queryByText('Split the load.')).toBeNull();
        await hand.click(await item(0).findByRole('button', { name: 'Run 6\u00a0AWG' }));

        expect(asked).toHaveBeenCalledWith('/api/jobs/1/remedies?units=metric', expect.anything());
        expect(looks).toHaveBeenCalledWith(PATCH);
        expect(looks).toHaveBeenLastCalledWith(null);
        expect(edits.submit.mock.calls.flat().map((edit) => (edit as () => unknown)())).toEqual([{ patch: PATCH }]);
        // Nothing that was tried mends the other: its sentence stands.
        expect(item(1).getByText('Split the load.')).toBeTruthy();
        expect(item(1).queryByText('Trying what would mend it…')).toBeNull();
    });

    it('do not offer what was tried on another plan', async () => {
        serverAnswers({ remedies: { hash: 'older', remedies: [{ occasion: 'o1', says: 'Run 6 AWG.', patch: PATCH }] } });
        const { item } = shown(boat());
        await waitFor(() => expect(item(0).getByText('Split the load.')).toBeTruthy());
        expect(item(0).queryByRole('button', { name: 'Run 6\u00a0AWG' })).toBeNull();
    });

    it('say the remedy to those who may not change the plan', async () => {
        serverAnswers({ remedies: { hash: 'h1', remedies: [{ occasion: 'o1', says: 'Run 6 AWG.', patch: PATCH }] } });
        const { item } = shown(boat({ can_change: false }));
        expect((await item(0).findByText('Run 6 AWG.')).tagName).toBe('STRONG');
        expect(item(0).queryByRole('button', { name: 'Run 6\u00a0AWG' })).toBeNull();
    });

    it('are tried anew when the plan has changed', async () => {
        const asked = serverAnswers({ remedies: { hash: 'h1', remedies: [{ occasion: 'o1', says: 'Run 6 AWG.', patch: PATCH }] } });
        const { again, item } = shown(boat());
        await item(0).findByRole('button', { name: 'Run 6\u00a0AWG' });
        again(boat({ version: { hash: 'h2', number: 2 } as unknown as PlannedJob['version'] }));
        expect(item(0).queryByRole('button', { name: 'Run 6\u00a0AWG' })).toBeNull();
        await waitFor(() => expect(asked).toHaveBeenCalledTimes(2));
    });
});
