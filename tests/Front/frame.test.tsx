// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router-dom';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import { Mishap } from '../../resources/js/frame/Mishap';
import { People } from '../../resources/js/people/People';
import { AddPart } from '../../resources/js/add/AddPart';
import type { PlanEdits } from '../../resources/js/plan/usePlanEdits';
import { skiffJob } from './job';
import { rendered, serverAnswers } from './rendered';

describe('a page that cannot be shown', () => {
    beforeEach(() => {
        vi.spyOn(console, 'error').mockImplementation(() => undefined); // React tells of the error too
    });
    afterEach(() => {
        vi.restoreAllMocks();
    });
    const broken = (message: string) => {
        const Broken = () => {
            throw new Error(message);
        };
        return rendered(
            <Mishap>
                <Broken />
            </Mishap>,
        );
    };

    it('says that it could not be fetched, and is not loaded again while the server is silent', async () => {
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
        const { hand } = broken('Failed to fetch dynamically imported module: /build/assets/LayoutStage.js');
        expect(screen.getByRole('alert').textContent).toContain('there is no network, or the server does not answer');
        await hand.click(screen.getByRole('button', { name: 'Try again' }));
        expect(screen.getByRole('alert').textContent).toContain('The server does not answer yet.');
        expect(screen.getByRole('button', { name: 'Back to where you were' })).toBeTruthy();
    });

    it('says what fault it has where it was fetched', () => {
        broken('nothing is where something should be');
        expect(screen.getByRole('alert').textContent).toContain('Dinghy has a fault here: nothing is where something should be');
    });

    it('is what it is where nothing is wrong', () => {
        rendered(
            <Mishap>
                <p>a stage</p>
            </Mishap>,
        );
        expect(screen.getByText('a stage')).toBeTruthy();
        expect(screen.queryByRole('alert')).toBeNull();
    });
});

describe('Enter in a search for parts', () => {
    const parts = ['Pump, small', 'Pump', 'Lamp'].map((name, id) => ({ id, kind: 'device', name, figures: { v_min: 9, v_max: 16, typical_a: 1, peak_a: 1, kind: 'pump' } }));
    const shown = async () => {
        serverAnswers({ catalogue: { parts }, offers: { offers: [{ on: 'block:b', says: 'a circuit', patch: [] }] } });
        const { hand } = rendered(<AddPart opened onClose={() => undefined} job={{ ...skiffJob(), version: { number: 1, hash: 'h', made_at: '', author: null, undo: null, redo: null } }} made={[]} edits={{} as PlanEdits} />);
        await screen.findByRole('button', { name: 'Lamp' });
        return { hand, field: screen.getByLabelText('Part of the catalogue') };
    };

    it('takes the one that is left, or the one whose name was typed', async () => {
        const { hand, field } = await shown();
        await hand.type(field, 'lam{Enter}');
        expect(screen.getByRole('heading', { name: 'Lamp' })).toBeTruthy();
    });

    it('takes the one whose whole name was typed', async () => {
        const { hand, field } = await shown();
        await hand.type(field, 'PUMP{Enter}');
        expect(screen.getByRole('heading', { name: 'Pump' })).toBeTruthy();
    });

    it('takes none of several, nor what merely stands first: it goes to them', async () => {
        const { hand, field } = await shown();
        await hand.type(field, '{Enter}');
        expect(screen.getByRole('heading', { name: 'Add a part' })).toBeTruthy();
        expect(document.activeElement?.textContent).toBe('Pump, small');
        await hand.type(field, 'pum{Enter}');
        expect(screen.getByRole('heading', { name: 'Add a part' })).toBeTruthy();
    });
});

describe('the end of sign-ins', () => {
    it('is asked about before it is made', async () => {
        const asked = serverAnswers({ sessions: {}, people: { people: [{ id: 3, name: 'Pim', email: 'pim@place.example', role: 'apprentice' }] } });
        const { hand } = rendered(
            <MemoryRouter>
                <People />
            </MemoryRouter>,
        );
        const sent = () => asked.mock.calls.map(([address]) => address).filter((address) => address.includes('sessions'));
        await hand.click(await screen.findByRole('button', { name: 'End every sign-in of Pim' }));
        await hand.click(screen.getByRole('button', { name: 'Leave them' }));
        expect(sent()).toEqual([]);
        await hand.click(screen.getByRole('button', { name: 'End every sign-in of Pim' }));
        await hand.click(screen.getByRole('button', { name: 'End them' }));
        expect(sent()).toEqual(['/api/people/3/sessions']);
        expect(await screen.findByText('Every sign-in of Pim has ended; the password still holds.')).toBeTruthy();
    });
});
