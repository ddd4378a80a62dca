// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router-dom';
import { beforeEach, describe, expect, it, vi } from 'vitest';

import { found, useFindable } from '../../resources/js/palette/findable';
import { Palette } from '../../resources/js/palette/Palette';
import { rendered, serverAnswers } from './rendered';

const things = ['Live-sonar module', 'Stern box to Live-sonar module', 'W01: a run loses more than it may'].map((label, at) => ({ label, kind: ['device', 'branch', 'rule'][at] ?? '', go: vi.fn() }));

describe('what is sought', () => {
    it('is found by every word, in name or kind, what begins with it first', () => {
        expect(found([...things], 'live', 5).map((one) => one.label)).toEqual(['Live-sonar module', 'Stern box to Live-sonar module']);
        expect(found([...things], 'branch sonar', 5)).toHaveLength(1);
        expect(found([...things], 'w01', 5)[0]?.kind).toBe('rule');
        expect(found([...things], '', 2)).toHaveLength(2);
        expect(found([...things], 'anchor', 5)).toEqual([]);
    });
});

describe('the palette', () => {
    beforeEach(() => {
        vi.clearAllMocks();
        localStorage.clear();
    });

    const Page = () => {
        useFindable(things);
        return <p>at {useLocation().pathname}</p>;
    };
    const shown = () => {
        serverAnswers({
            session: { id: 1, name: 'Odo', role: 'owner', shop: 'Fernhollow Slip' },
            shed: { today: '2026-11-28', jobs: [{ id: 7, boat: { name: 'Catamaran', rings: [] }, customer: 'Survey club', title: 'Two strings', stage: { name: 'layout', label: 'Layout' } }] },
            catalogue: { parts: [{ id: 3, kind: 'shunt', name: 'Monitor shunt, 300 A', figures: {}, version: 1, retired: false }] },
            'house-rules': { rules: [{ field: 'slack_m', label: 'Slack left at each end' }] },
            people: { people: [{ id: 2, name: 'Ilka Marrend', role: 'rigger' }] },
        });
        return rendered(
            <MemoryRouter initialEntries={['/jobs/1/power']}>
                <Palette>
                    <Page />
                </Palette>
            </MemoryRouter>,
        );
    };

    it('opens by its key, and Enter takes what stands first', async () => {
        const { hand } = shown();
        await hand.keyboard('/');
        const field = await screen.findByRole('searchbox').catch(() => screen.findByLabelText(/^Find a boat/));
        await hand.type(field, 'branch sonar{Enter}');
        expect(things[1]?.go).toHaveBeenCalledOnce();
    });

    it.each([
        ['catam', 'Catamaran', '/jobs/7/layout'],
        ['shunt', 'Monitor shunt, 300 A', '/catalogue'],
        ['slack', 'Slack left at each end', '/house-rules'],
        ['marrend', 'Ilka Marrend', '/people'],
    ])('finds %s in the whole shop', async (sought, label, path) => {
        const { hand } = shown();
        await hand.keyboard('/');
        await hand.type(await screen.findByLabelText(/^Find a boat/), sought);
        await hand.click(await screen.findByText(label));
        await waitFor(() => expect(screen.getByText(`at ${path}`)).toBeTruthy());
    });

    it('shows a rule by its code, with its source', async () => {
        const { hand } = shown();
        await hand.keyboard('/');
        await hand.type(await screen.findByLabelText(/^Find a boat/), 'B01');
        await hand.click(await screen.findByText(/^B01: one bank mixes chemistries/));
        expect((await screen.findByRole('dialog', { name: 'Rule B01' })).textContent).toContain('they charge and share differently');
    });
});
