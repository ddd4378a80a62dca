import { Button, NativeSelect, Table, TextInput } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import { newId } from '../api/newId';
import type { Meter, MeteredPath, Passport, PlannedJob } from '../api/types';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { together } from '../units/together';
import { amps, useUnits, volts } from '../units/units';
import classes from './LoadPane.module.css';
import { meterKey } from './useMeter';

interface Props {
    job: PlannedJob;
    meter: Meter;
    /** the way in hand, as "feed:bow-motor"; null: none was chosen yet */
    chosen: string | null;
    onChosen: (on: string) => void;
    /** it is kept: what it says */
    onKept: () => void;
}

/** A way under load: which load, the volts that it must leave at each point, and those that were read. */
export function LoadPane({ job, meter, chosen, onChosen, onKept }: Props) {
    const path = meter.paths.find((one) => one.on === chosen) ?? meter.paths[0];
    if (path === undefined) {
        return <p>No way leads anywhere yet. Lay a feed at Power first.</p>;
    }
    return (
        <div className={classes.pane}>
            <NativeSelect size="md" label="The way to" value={path.on} onChange={(event) => onChosen(event.currentTarget.value)} data={meter.paths.map((one) => ({ value: one.on, label: one.label }))} />
            <PathUnderLoad key={path.on} job={job} path={path} onKept={onKept} />
        </div>
    );
}

function today(): string {
    const now = new Date();
    return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

function figureOf(typed: string): number {
    return typed.trim() === '' ? NaN : Number(typed.trim().replace(',', '.').replace('−', '-'));
}

function PathUnderLoad({ job, path, onKept }: { job: PlannedJob; path: MeteredPath; onKept: () => void }) {
    const queries = useQueryClient();
    const { system } = useUnits();
    const [load, setLoad] = useState(path.loads[0]?.name ?? '');
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [drawn, setDrawn] = useState('');
    const [celsius, setCelsius] = useState('20');
    const [day, setDay] = useState(today);
    const [device, setDevice] = useLocalStorage({ key: 'dinghy-meter', defaultValue: 'Hand meter 1', getInitialValueInEffect: false });
    const [change, setChange] = useState(newId);
    const under = path.loads.find((one) => one.name === load);
    const last = path.points.at(-1);
    const atEnd = figureOf(typed[last?.id ?? ''] ?? '');
    // Its ohms tell what it draws, where no clamp does.
    const drawsBy = under === undefined ? NaN : atEnd / under.ohms;
    const draws = drawn.trim() === '' ? drawsBy : figureOf(drawn);
    const read = Object.fromEntries(path.points.map((point) => [point.id, figureOf(typed[point.id] ?? '')] as const).filter(([, value]) => !Number.isNaN(value)));
    const keep = useMutation({
        mutationFn: () => ask<{ passports: Passport[] }>(`jobs/${job.id}/load-tests?units=${system}`, { method: 'POST', change, body: { on: path.on, taken_on: day, load: load === '' ? 'Another load' : load, amps: draws, celsius: figureOf(celsius), meter: device, volts: read } }),
        onSuccess: () => {
            setChange(newId());
            void queries.invalidateQueries({ queryKey: meterKey(job.id) });
            onKept();
        },
    });
    const lacks =
        Object.keys(read).length < 2 ? 'Read two points of the way at least' : !(draws > 0) ? 'Read its end, or type the amps' : Number.isNaN(figureOf(celsius)) || day === '' || device.trim() === '' ? 'Copper, day and meter are missing' : null;
    const isReady = lacks === null;
    return (
        <form
            noValidate
            className={classes.pane}
            onSubmit={(event) => {
                event.preventDefault();
                if (isReady) {
                    keep.mutate();
                }
            }}
        >
            <Caution>A test load grows hot at once: on metal, away from fuel and hands, and off again as soon as the volts are read. A motor in air is no test: it draws little, and its propeller cuts.</Caution>
            <NativeSelect
                size="md"
                label="What draws"
                value={load}
                onChange={(event) => setLoad(event.currentTarget.value)}
                data={[...path.loads.map((one) => ({ value: one.name, label: `${one.name}: ${one.amps.toFixed(1)} A` })), { value: '', label: 'another, with a clamp around its wire' }]}
            />
            <Table>
                <HeadRow heads={['Volts, plus to minus', 'Must leave about', 'Read']} />
                <Table.Tbody>
                    {path.points.map((point, at) => (
                        <Table.Tr key={point.id} data-load-point={point.id}>
                            <Table.Th scope="row" fw={400}>
                                {together(point.says)}
                            </Table.Th>
                            <Table.Td className="figure" fz={18}>
                                {under === undefined ? '–' : volts(under.volts[at], 2)}
                            </Table.Td>
                            <Table.Td>
                                <TextInput size="md" w={110} aria-label={`Volts read ${point.says}`} inputMode="decimal" autoComplete="off" value={typed[point.id] ?? ''} onChange={(event) => setTyped({ ...typed, [point.id]: event.currentTarget.value })} />
                            </Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <div className={classes.fields}>
                <TextInput size="md" label="Amps by a clamp" description={Number.isNaN(drawsBy) ? 'or by its ohms' : `by its ohms ${amps(Number(drawsBy.toFixed(1)))}`} inputMode="decimal" value={drawn} onChange={(event) => setDrawn(event.currentTarget.value)} />
                <TextInput size="md" label="Copper, °C" description="as the air there" inputMode="decimal" value={celsius} onChange={(event) => setCelsius(event.currentTarget.value)} />
                <TextInput size="md" type="date" label="Day" description="of the reading" value={day} onChange={(event) => setDay(event.currentTarget.value)} />
                <TextInput size="md" label="Meter" description="the same each year" maxLength={60} value={device} onChange={(event) => setDevice(event.currentTarget.value)} />
            </div>
            {keep.error !== null && <p role="alert">{keep.error.message}</p>}
            <Button type="submit" className={classes.keep} data-keep-load disabled={!isReady} loading={keep.isPending}>
                {lacks ?? 'Keep it'}
            </Button>
        </form>
    );
}
