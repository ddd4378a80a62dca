// @vitest-environment happy-dom
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';

import { PlaceField } from '../../resources/js/plan/PlaceField';
import { UnkeptNotice } from '../../resources/js/plan/UnkeptNotice';
import type { PlanEdits, Unkept } from '../../resources/js/plan/usePlanEdits';
import { skiffJob } from './job';
import { rendered } from './rendered';

describe('a value that is changed where it stands', () => {
    const field = () => screen.getByLabelText<HTMLInputElement>('Length');
    const shown = (kept: boolean) => {
        const typed = vi.fn(() => Promise.resolve(kept));
        const part = (value: string) => <PlaceField label="Length" value={value} readOnly={false} onTyped={typed} />;
        const { hand, again } = rendered(part('5.0 m'));
        return { typed, hand, again: (value: string) => again(part(value)) };
    };

    it('is kept by Enter, once', async () => {
        const { typed, hand } = shown(true);
        await hand.clear(field());
        await hand.type(field(), '6 ft{Enter}');
        await hand.tab();
        expect(typed.mock.calls).toEqual([['6 ft']]);
    });

    it('is kept by leaving the field, and not asked when nothing changed', async () => {
        const { typed, hand } = shown(true);
        await hand.click(field());
        await hand.tab();
        expect(typed).not.toHaveBeenCalled();
        await hand.clear(field());
        await hand.type(field(), '7');
        await hand.tab();
        expect(typed.mock.calls).toEqual([['7']]);
    });

    it('is taken back by Escape', async () => {
        const { typed, hand } = shown(true);
        await hand.type(field(), '9{Escape}');
        expect(field().value).toBe('5.0 m');
        await hand.tab();
        expect(typed).not.toHaveBeenCalled();
    });

    it('keeps what was refused, marked, until the server knows another value', async () => {
        const { typed, hand, again } = shown(false);
        await hand.clear(field());
        await hand.type(field(), 'six{Enter}');
        expect(field().value).toBe('six');
        expect(field().getAttribute('aria-invalid')).toBe('true');
        fireEvent.blur(field());
        expect(typed).toHaveBeenCalledTimes(1);
        again('6.1 m');
        expect(field().value).toBe('6.1 m');
        expect(field().getAttribute('aria-invalid')).toBeNull();
    });

    it('is text to those who may only look', () => {
        rendered(<PlaceField label="Length" value="5.0 m" readOnly figure="length" onTyped={() => Promise.resolve(true)} />);
        expect(screen.queryByLabelText('Length')).toBeNull();
        expect(screen.getByText('5.0 m').dataset.figure).toBe('length');
    });
});

describe('a change that was not kept', () => {
    const shown = (unkept: Partial<Unkept> | null) => {
        const edits = { unkept, sendAgain: vi.fn(), letGo: vi.fn() };
        return { edits, ...rendered(<UnkeptNotice job={skiffJob()} edits={edits as unknown as PlanEdits} />) };
    };

    it('shows both values of a clash and what can be done', async () => {
        const { edits, hand } = shown({ message: 'Somebody changed it.', worthRepeating: false, clash: { message: '', fields: [{ on: 'feed:house', path: 'run.gauge', yours: '4 AWG', theirs: null }] } as unknown as Unkept['clash'] });
        expect(screen.getByRole('alert').textContent).toContain('Run house, gauge: yours 4 AWG, theirs not given');
        expect(screen.queryByRole('button', { name: 'Send it again' })).toBeNull();
        await hand.click(screen.getByRole('button', { name: 'Put mine over theirs' }));
        await hand.click(screen.getByRole('button', { name: 'Leave theirs' }));
        expect([edits.sendAgain, edits.letGo].map((act) => act.mock.calls.length)).toEqual([1, 1]);
    });

    it('can be sent again where that may help', () => {
        shown({ message: 'Not kept: the server does not answer.', worthRepeating: true, clash: null });
        expect(screen.getByRole('button', { name: 'Send it again' })).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Let it go' })).toBeTruthy();
    });

    it('is nothing where all was kept', () => {
        shown(null);
        expect(screen.queryByRole('alert')).toBeNull();
    });
});
