// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router-dom';
import { describe, expect, it, vi } from 'vitest';

import { Settings } from '../../resources/js/settings/Settings';
import { written } from '../../resources/js/units/conventions';
import { rendered } from './rendered';

describe('money and days', () => {
    const german = written({ currency: 'EUR', locale: 'de-DE', dateForm: 'locale' });
    const iso = written({ currency: 'SEK', locale: 'sv-SE', dateForm: 'iso' });

    it('are written as the shop has them', () => {
        expect(german.money(1234.5)).toMatch(/^1\.23[45]\s€$/);
        expect(german.money(9.95)).toMatch(/^9,95\s€$/);
        expect(german.money(9.5)).toMatch(/^9,50\s€$/);
        expect(german.money(16)).toMatch(/^16\s€$/);
        expect(iso.money(40)).toMatch(/^40\skr$/);
        expect(german.day('2026-12-01')).toBe('Di., 1. Dez.');
        expect(iso.day('2026-12-01')).toBe('2026-12-01');
        expect(iso.moment('2026-12-01T13:05:00')).toBe('2026-12-01 13:05');
        expect([german.money(null), german.promised(null)]).toEqual(['–', 'no day promised']);
    });
});

describe('the settings', () => {
    const kept = { version: 3, can_change: true, settings: { units: 'metric', currency: 'EUR', locale: 'en-IE', date_form: 'locale', tax_name: 'VAT', tax_pct: 20, labels: [{ width_mm: 50, height_mm: 15 }], instruments: [], test_loads: [{ name: 'Lamp', ohms: 2.6, most_v: 15 }] } };
    const shown = (changed: object = {}) => {
        const sent = vi.fn((_: string, init?: RequestInit) =>
            Promise.resolve(new Response(JSON.stringify(init?.method === 'PUT' ? { ...kept, version: 4, settings: (JSON.parse(init.body as string) as { settings: object }).settings } : { ...kept, ...changed }), { status: 200 })),
        );
        vi.stubGlobal('fetch', sent);
        return { sent, ...rendered(<MemoryRouter><Settings /></MemoryRouter>) };
    };

    it('are kept with the version that was seen, after a look at how they write', async () => {
        const { hand, sent } = shown();
        const currency = await screen.findByLabelText('Currency');
        await hand.clear(currency);
        await hand.type(currency, 'chf');
        await waitFor(() => expect(document.querySelector('[data-figure=sample]')?.textContent).toContain('CHF'));
        await hand.click(screen.getByRole('button', { name: 'One more instrument' }));
        await hand.type(screen.getByLabelText('Instrument 1, name'), 'Bench meter');
        await hand.click(screen.getByRole('button', { name: 'Take out label 1' }));
        await hand.click(screen.getByRole('button', { name: 'One more test load' }));
        await hand.type(screen.getByLabelText('Test load 2, name'), 'Heater');
        await hand.click(screen.getByRole('button', { name: 'Take out Lamp' }));
        await hand.click(screen.getByRole('button', { name: 'Keep these settings' }));
        await waitFor(() => expect(sent.mock.calls.some(([, init]) => init?.method === 'PUT')).toBe(true));
        const body = JSON.parse(sent.mock.calls.find(([, init]) => init?.method === 'PUT')?.[1]?.body as string) as { version: number; settings: { currency: string; labels: unknown[]; instruments: unknown[]; test_loads: unknown[] } };
        expect([body.version, body.settings.currency, body.settings.labels, body.settings.instruments, body.settings.test_loads]).toEqual([3, 'CHF', [], [{ name: 'Bench meter', kind: 'meter', host: '127.0.0.1', port: 9000 }], [{ name: 'Heater', ohms: 1, most_v: 15 }]]);
    });

    it('say what is no place or currency before they are kept', async () => {
        const { hand } = shown();
        const currency = await screen.findByLabelText('Currency');
        await hand.clear(currency);
        await hand.type(currency, 'no');
        await waitFor(() => expect(document.querySelector('[data-figure=sample]')?.textContent).toContain('not known here'));
    });

    it('are read by who does not own the shop', async () => {
        shown({ can_change: false });
        expect((await screen.findByLabelText<HTMLInputElement>('Currency')).readOnly).toBe(true);
        expect(screen.queryByRole('button', { name: 'Keep these settings' })).toBeNull();
    });
});
