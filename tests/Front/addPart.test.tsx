// @vitest-environment happy-dom
import { act, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';

import type { PlannedJob } from '../../resources/js/api/types';
import { AddPart } from '../../resources/js/add/AddPart';
import type { PlanEdits } from '../../resources/js/plan/usePlanEdits';
import { skiffJob } from './job';
import { rendered } from './rendered';

const PARTS = ['Battery 12 V 20 Ah', 'Battery 12 V 200 Ah', 'Fuse block 6'].map((name, at) => ({ id: at + 1, kind: at < 2 ? 'battery' : 'block', name, figures: {} }));

describe('a part sought by somebody who types faster than the catalogue comes', () => {
    const opened = () => {
        let comes: (catalogue: unknown) => void = () => undefined;
        vi.stubGlobal('fetch', (address: string) =>
            address.includes('catalogue') ? new Promise<Response>((come) => (comes = (catalogue) => come(new Response(JSON.stringify(catalogue), { status: 200 })))) : new Promise<Response>(() => undefined),
        );
        const { hand } = rendered(<AddPart opened onClose={() => undefined} job={{ ...skiffJob(), version: { hash: 'a' } as PlannedJob['version'] }} edits={{ submit: vi.fn() } as unknown as PlanEdits} made={[]} />);
        const come = () => {
            comes({ parts: PARTS });
            return Promise.resolve();
        };
        return { hand, comes: () => act(come) };
    };

    it('is taken when it comes', async () => {
        const { hand, comes } = opened();
        await hand.type(await screen.findByLabelText('Part of the catalogue'), 'block{Enter}');
        await comes();
        expect(await screen.findByRole('button', { name: 'Add it' })).toBeTruthy();
        expect(screen.getByRole('dialog', { name: 'Fuse block 6' })).toBeTruthy();
    });

    it('has the focus where several answer to the name', async () => {
        const { hand, comes } = opened();
        await hand.type(await screen.findByLabelText('Part of the catalogue'), 'battery{Enter}');
        await comes();
        await waitFor(() => expect(document.activeElement?.textContent).toBe('Battery 12 V 20 Ah'));
    });

    it('is not taken where Enter was meant for another word', async () => {
        const { hand, comes } = opened();
        await hand.type(await screen.findByLabelText('Part of the catalogue'), 'x{Enter}{Backspace}block');
        await comes();
        await screen.findByRole('button', { name: 'Fuse block 6' });
        expect(screen.queryByRole('button', { name: 'Add it' })).toBeNull();
    });
});
