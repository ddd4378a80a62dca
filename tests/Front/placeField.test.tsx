// @vitest-environment happy-dom
import { act, fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';

import { type Change, undone } from '../../resources/js/plan/changes';
import { askBeforeLosingDrafts } from '../../resources/js/plan/drafts';
import type { Unkept } from '../../resources/js/plan/editQueue';
import { JustDone } from '../../resources/js/plan/JustDone';
import { PlaceField } from '../../resources/js/plan/PlaceField';
import { UnkeptNotice } from '../../resources/js/plan/UnkeptNotice';
import type { PlanEdits } from '../../resources/js/plan/usePlanEdits';
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
        expect(typed.mock.calls).toEqual([['6 ft', '5.0 m']]);
    });

    it('is kept by leaving the field, and not asked when nothing changed', async () => {
        const { typed, hand } = shown(true);
        await hand.click(field());
        await hand.tab();
        expect(typed).not.toHaveBeenCalled();
        await hand.clear(field());
        await hand.type(field(), '7');
        await hand.tab();
        expect(typed.mock.calls).toEqual([['7', '5.0 m']]);
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

describe('a value that somebody else changes while one types', () => {
    const field = () => screen.getByLabelText<HTMLInputElement>('Length');

    it('leaves what is half typed, and tells the other value', async () => {
        const typed = vi.fn(() => Promise.resolve(true));
        const part = (value: string) => <PlaceField label="Length" value={value} readOnly={false} onTyped={typed} />;
        const { hand, again } = rendered(part('5.0 m'));
        await hand.clear(field());
        await hand.type(field(), '6.');
        again(part('7.5 m'));
        expect(field().value).toBe('6.');
        expect(screen.getByRole('status').textContent).toBe('now 7.5 m');
        expect(field().getAttribute('aria-describedby')).toBe(screen.getByRole('status').id);
        await hand.type(field(), '2{Enter}');
        expect(typed.mock.calls).toEqual([['6.2', '5.0 m']]);
        expect(screen.queryByRole('status')).toBeNull();
    });

    it('is theirs again by Escape', async () => {
        const part = (value: string) => <PlaceField label="Length" value={value} readOnly={false} onTyped={() => Promise.resolve(true)} />;
        const { hand, again } = rendered(part('5.0 m'));
        await hand.type(field(), '9');
        again(part('7.5 m'));
        await hand.type(field(), '{Escape}');
        expect(field().value).toBe('7.5 m');
    });

    it('asks before the page is closed over it', async () => {
        askBeforeLosingDrafts();
        const { hand } = rendered(<PlaceField label="Length" value="5.0 m" readOnly={false} onTyped={() => Promise.resolve(true)} />);
        const closed = () => !window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
        expect(closed()).toBe(false);
        await hand.type(field(), '9');
        expect(closed()).toBe(true);
        await hand.type(field(), '{Escape}');
        expect(closed()).toBe(false);
    });
});

describe('what the server does not hold', () => {
    const refused: Unkept = { id: 'one', message: 'Somebody changed it.', clash: null, change: { typed: { on: 'feed:house', field: 'run.gauge', text: '4' } } };
    const shown = (told: Partial<PlanEdits>) => {
        const acts = { sendOn: vi.fn(), over: vi.fn(), letGo: vi.fn() };
        const edits = { line: 'clear', waiting: 0, unkept: [], silence: null, ...told, ...acts };
        return { acts, ...rendered(<UnkeptNotice job={skiffJob()} edits={edits as unknown as PlanEdits} />) };
    };

    it('shows both values of a clash, what was typed, and what can be done', async () => {
        const { acts, hand } = shown({ unkept: [{ ...refused, clash: { message: '', fields: [{ on: 'feed:house', path: 'run.gauge', yours: '4 AWG', theirs: null }] } }] });
        expect(screen.getByRole('alert').textContent).toContain('Run house, Gauge: yours 4 AWG, theirs not given');
        expect(screen.getByRole('alert').textContent).toContain('You typed “4”.');
        await hand.click(screen.getByRole('button', { name: 'Put mine over theirs' }));
        await hand.click(screen.getByRole('button', { name: 'Leave theirs' }));
        expect([acts.over.mock.calls, acts.letGo.mock.calls]).toEqual([[['one']], [['one']]]);
    });

    it('names every refusal, not the last alone', () => {
        shown({ unkept: [refused, { ...refused, id: 'two', message: 'Not kept: expected a length.' }] });
        expect(screen.getAllByRole('alert').map((alert) => alert.querySelector('p')?.textContent)).toEqual(['Somebody changed it.', 'Not kept: expected a length.']);
        expect(screen.getAllByRole('button', { name: 'Let it go' })).toHaveLength(2);
    });

    it('tells what is not known from what was not kept', async () => {
        const { acts, hand } = shown({ line: 'silent', waiting: 2, silence: 'The server does not answer.' });
        expect(screen.getByRole('alert').textContent).toContain('Not known yet: The server does not answer.');
        expect(screen.getByRole('alert').textContent).toContain('2 changes wait and will be sent in their order');
        await hand.click(screen.getByRole('button', { name: 'Ask now' }));
        expect(acts.sendOn).toHaveBeenCalledOnce();
    });

    it('is nothing where all was kept', () => {
        shown({});
        expect(screen.queryByRole('alert')).toBeNull();
    });
});

describe('what was just taken away', () => {
    const shown = (change: Change | null, undo: { step: number; says: string } | null = { step: 2, says: 'Bow motor taken out' }) => {
        const submit = vi.fn(() => Promise.resolve(true));
        const job = skiffJob();
        const edits = { line: 'clear', done: change === null ? null : { id: 'one', change }, submit };
        return { submit, ...rendered(<JustDone job={{ ...job, version: { ...job.version, undo, redo: null } }} edits={edits as unknown as PlanEdits} />) };
    };

    it('is told with the way back', async () => {
        const { submit, hand } = shown({ takeOut: 'device:motor' });
        expect(screen.getByRole('status').textContent).toContain('Just done: Bow motor taken out.');
        await hand.click(screen.getByRole('button', { name: 'Take it back' }));
        expect(submit).toHaveBeenCalledWith(undone);
    });

    it('is not told of what stands where the hand is, nor of what cannot be taken back', () => {
        shown({ typed: { on: 'feed:house', field: 'run.gauge', text: '4' } });
        shown(null);
        shown({ propose: { make: 'move', station: 'bow', at: { x_m: 1, y_m: 0 } } });
        shown({ takeOut: 'device:motor' }, null);
        // What reads it out stands there from the first, empty.
        expect(screen.getAllByRole('status').map((one) => one.textContent)).toEqual(['', '', '', '']);
    });

    it('is told for a while', () => {
        vi.useFakeTimers();
        try {
            shown({ restore: { base: 3, number: 1 } });
            expect(screen.getByRole('status').textContent).toContain('Version 1 is back.');
            act(() => void vi.advanceTimersByTime(10_000));
            expect(screen.getByRole('status').textContent).toBe('');
        } finally {
            vi.useRealTimers();
        }
    });
});
