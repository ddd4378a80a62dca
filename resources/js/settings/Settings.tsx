import { Alert, Button, Fieldset, Group, NativeSelect, NumberInput, SegmentedControl, SimpleGrid, Stack, TextInput, Title, useMantineColorScheme } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { Act } from '../look/Act';
import { ask, Refused } from '../api/client';
import { shopSettings } from '../api/queries';
import type { ShopSettings } from '../api/types';
import { SingleKeysSwitch } from '../keys/SingleKeysSwitch';
import { Page } from '../look/Page';
import { ToSignIn } from '../sign-in/ToSignIn';
import { written } from '../units/conventions';
import { type System, useUnits } from '../units/units';

type Kept = ShopSettings['settings'];

const KINDS = [
    { value: 'meter', label: 'meter' },
    { value: 'battery-monitor', label: 'battery monitor' },
    { value: 'network', label: 'instrument network, TCP' },
    { value: 'network-udp', label: 'instrument network, UDP' },
    { value: 'label-printer', label: 'label printer' },
    { value: 'mail', label: 'mail' },
];

/** What is one's own, in this browser, and what is the shop's. */
export function Settings() {
    useDocumentTitle('Settings · Dinghy');
    const shop = useQuery(shopSettings);
    if (shop.error instanceof Refused) {
        return <ToSignIn />;
    }
    return (
        <Page title="Settings">
            <Own />
            {shop.data !== undefined && <OfTheShop key={shop.data.version} kept={shop.data} />}
        </Page>
    );
}

/** A person's own, kept in this browser. */
function Own() {
    const { system, choose } = useUnits();
    const { colorScheme, setColorScheme } = useMantineColorScheme();
    return (
        <Stack component="section" aria-labelledby="own-settings" gap={12} py={14} align="start" style={{ borderBottom: '1px solid var(--hair)' }}>
            <Title order={2} size={18} id="own-settings">
                Yours, in this browser
            </Title>
            <SegmentedControl
                aria-label="Your units"
                data={[
                    { value: 'imperial', label: 'ft · AWG · lbf' },
                    { value: 'metric', label: 'm · mm² · N' },
                ]}
                value={system}
                onChange={(chosen) => choose(chosen)}
                transitionDuration={0}
            />
            <SegmentedControl
                aria-label="Your theme"
                data={[
                    { value: 'auto', label: 'as this machine has it' },
                    { value: 'light', label: 'paper' },
                    { value: 'dark', label: 'locker, dark' },
                ]}
                value={colorScheme}
                onChange={(chosen) => setColorScheme(chosen)}
                transitionDuration={0}
            />
            <SingleKeysSwitch />
        </Stack>
    );
}

/** The shop's, changed by its owner. */
function OfTheShop({ kept }: { kept: ShopSettings }) {
    const queries = useQueryClient();
    const [settings, setSettings] = useState(kept.settings);
    const set = <K extends keyof Kept>(key: K, value: Kept[K]) => setSettings((before) => ({ ...before, [key]: value }));
    const keep = useMutation({
        mutationFn: () => ask<ShopSettings>('settings', { method: 'PUT', body: { version: kept.version, settings } }),
        onSuccess: (answer) => queries.setQueryData(shopSettings.queryKey, answer),
        onError: (error) => error instanceof Refused && error.status === 409 && void queries.invalidateQueries({ queryKey: shopSettings.queryKey }),
    });
    const readOnly = !kept.can_change;
    const sample = sampleOf(settings);
    return (
        <form
            aria-labelledby="shop-settings"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <Stack gap={12} py={14} align="start">
            <Title order={2} size={18} id="shop-settings">
                The shop’s
            </Title>
            {readOnly && <p className="quiet">Only the owner changes these.</p>}
            {keep.error !== null && (
                <Alert color="brick" variant="outline" role="alert">
                    {keep.error.message}
                </Alert>
            )}
            <SimpleGrid cols={{ base: 1, sm: 4 }} spacing={16} verticalSpacing={10} w="100%" style={{ alignItems: 'end' }}>
                <NativeSelect
                    label="Units that a person begins with"
                    disabled={readOnly}
                    value={settings.units}
                    onChange={(event) => set('units', event.currentTarget.value as System)}
                    data={[
                        { value: 'imperial', label: 'ft · AWG · lbf' },
                        { value: 'metric', label: 'm · mm² · N' },
                    ]}
                />
                <TextInput label="Currency" description="three letters, as EUR" readOnly={readOnly} value={settings.currency} onChange={(event) => set('currency', event.currentTarget.value.toUpperCase())} />
                <TextInput label="Language and place" description="as en-IE" readOnly={readOnly} value={settings.locale} onChange={(event) => set('locale', event.currentTarget.value)} />
                <NativeSelect
                    label="Days"
                    description="as they are written"
                    disabled={readOnly}
                    value={settings.date_form}
                    onChange={(event) => set('date_form', event.currentTarget.value as Kept['date_form'])}
                    data={[
                        { value: 'locale', label: 'as in that place' },
                        { value: 'iso', label: 'year-month-day' },
                    ]}
                />
                <TextInput label="Tax is called" readOnly={readOnly} value={settings.tax_name} onChange={(event) => set('tax_name', event.currentTarget.value)} />
                <NumberInput label="Tax, %" readOnly={readOnly} min={0} max={60} value={settings.tax_pct} onChange={(value) => set('tax_pct', Number(value))} />
            </SimpleGrid>
            <p data-figure="sample">{sample === null ? 'This language and place, or this currency, is not known here.' : `So they are written: ${sample}`}</p>
            <Fieldset w="100%" legend="Label sizes, mm">
                {settings.labels.map((label, at) => (
                    <Group gap={8} mb={8} key={at}>
                        <NumberInput aria-label={`Label ${at + 1}, width`} readOnly={readOnly} value={label.width_mm} onChange={(value) => set('labels', settings.labels.map((one, which) => (which === at ? { ...one, width_mm: Number(value) } : one)))} />
                        <span>×</span>
                        <NumberInput aria-label={`Label ${at + 1}, height`} readOnly={readOnly} value={label.height_mm} onChange={(value) => set('labels', settings.labels.map((one, which) => (which === at ? { ...one, height_mm: Number(value) } : one)))} />
                        {!readOnly && <Out label={`label ${at + 1}`} onOut={() => set('labels', settings.labels.filter((_, which) => which !== at))} />}
                    </Group>
                ))}
                {!readOnly && (
                    <Button size="compact-sm" variant="outline" onClick={() => set('labels', [...settings.labels, { width_mm: 50, height_mm: 15 }])}>
                        One more label
                    </Button>
                )}
            </Fieldset>
            <Fieldset w="100%" legend="Instruments and services">
                <p className="quiet">Only these addresses are ever spoken to.</p>
                {settings.instruments.map((instrument, at) => {
                    const change = (changed: Partial<Kept['instruments'][number]>) => set('instruments', settings.instruments.map((one, which) => (which === at ? { ...one, ...changed } : one)));
                    return (
                        <Group gap={8} mb={8} key={at}>
                            <TextInput aria-label={`Instrument ${at + 1}, name`} placeholder="name" readOnly={readOnly} value={instrument.name} onChange={(event) => change({ name: event.currentTarget.value })} />
                            <NativeSelect aria-label={`Instrument ${at + 1}, kind`} disabled={readOnly} value={instrument.kind} onChange={(event) => change({ kind: event.currentTarget.value as Kept['instruments'][number]['kind'] })} data={KINDS} />
                            <TextInput aria-label={`Instrument ${at + 1}, address`} placeholder="127.0.0.1" readOnly={readOnly} value={instrument.host} onChange={(event) => change({ host: event.currentTarget.value })} />
                            <NumberInput aria-label={`Instrument ${at + 1}, port`} readOnly={readOnly} value={instrument.port} onChange={(value) => change({ port: Number(value) })} />
                            {!readOnly && <Out label={instrument.name === '' ? `instrument ${at + 1}` : instrument.name} onOut={() => set('instruments', settings.instruments.filter((_, which) => which !== at))} />}
                        </Group>
                    );
                })}
                {!readOnly && (
                    <Button size="compact-sm" variant="outline" onClick={() => set('instruments', [...settings.instruments, { name: '', kind: 'meter', host: '127.0.0.1', port: 9000 }])}>
                        One more instrument
                    </Button>
                )}
            </Fieldset>
            <Fieldset w="100%" legend="Test loads">
                <p className="quiet">What draws in a device’s place while its way is read: its ohms while it is warm, and the volts that it bears.</p>
                {settings.test_loads.map((load, at) => {
                    const change = (changed: Partial<Kept['test_loads'][number]>) => set('test_loads', settings.test_loads.map((one, which) => (which === at ? { ...one, ...changed } : one)));
                    return (
                        <Group gap={8} mb={8} key={at}>
                            <TextInput style={{ flex: '1 1 20rem', minWidth: 0 }} aria-label={`Test load ${at + 1}, name`} placeholder="name" readOnly={readOnly} value={load.name} onChange={(event) => change({ name: event.currentTarget.value })} />
                            <NumberInput aria-label={`Test load ${at + 1}, ohms`} suffix=" Ω" w={120} readOnly={readOnly} value={load.ohms} onChange={(value) => change({ ohms: Number(value) })} />
                            <NumberInput aria-label={`Test load ${at + 1}, volts that it bears`} prefix="up to " suffix=" V" w={140} readOnly={readOnly} value={load.most_v} onChange={(value) => change({ most_v: Number(value) })} />
                            {!readOnly && <Out label={load.name === '' ? `test load ${at + 1}` : load.name} onOut={() => set('test_loads', settings.test_loads.filter((_, which) => which !== at))} />}
                        </Group>
                    );
                })}
                {!readOnly && (
                    <Button size="compact-sm" variant="outline" onClick={() => set('test_loads', [...settings.test_loads, { name: '', ohms: 1, most_v: 15 }])}>
                        One more test load
                    </Button>
                )}
            </Fieldset>
            {!readOnly && (
                <Button type="submit" loading={keep.isPending}>
                    Keep these settings
                </Button>
            )}
            <p role="status">{keep.isSuccess ? 'Kept.' : ''}</p>
            </Stack>
        </form>
    );
}

function Out({ label, onOut }: { label: string; onOut: () => void }) {
    return (
        <Act aria-label={`Take out ${label}`} onClick={onOut}>
            take out
        </Act>
    );
}

/** An amount and a day as they would be written; null: the browser knows no such place or currency. */
function sampleOf({ currency, locale, date_form: dateForm }: Kept): string | null {
    try {
        const { money, day } = written({ currency, locale, dateForm });
        return `${money(1234.5)} · ${money(9.95)} · ${day('2026-11-28')}`;
    } catch {
        return null;
    }
}
