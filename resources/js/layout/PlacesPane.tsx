import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';

import type { Layout, PlannedJob } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import table from '../look/table.module.css';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { TakeOut } from '../plan/TakeOut';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, useUnits } from '../units/units';
import { stationName } from './stationName';

const KINDS = [['deck', 'deck'], ['locker', 'locker'], ['console', 'console'], ['battery', 'battery place'], ['engine', 'engine place'], ['transom', 'transom'], ['motor', 'motor mount']] as const;
const WAYS = [['tube', 'tube'], ['open', 'open'], ['gunwale', 'along the gunwale']] as const;
const LIDS = [['none', 'no lid'], ['forward', 'hinged forward'], ['aft', 'hinged aft'], ['port', 'hinged to port'], ['starboard', 'hinged to starboard']] as const;

interface Props {
    job: PlannedJob;
    layout: Layout;
    edits: PlanEdits;
    chosen: string;
    onChoose: (on: string) => void;
}

/** Stations and ways as a list: everything that can be done on the drawing is done here as well. */
export function PlacesPane({ job, layout, edits, chosen, onChoose }: Props) {
    const { system } = useUnits();
    const [name, setName] = useState('');
    const [between, setBetween] = useState<[string, string]>(['', '']);
    const stations = job.plan.boat?.stations ?? [];
    const ways = job.plan.boat?.ways ?? [];
    const fixed = !job.can_change;
    const set = (on: string, fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    const choices = stations.map((station) => [station.id, stationName(job, station.id)] as const);
    return (
        <>
            <section className={table.section} aria-label="Stations">
                <table className={table.table}>
                    <HeadRow heads={['station', 'forward of the transom', 'to port (− starboard)', 'kind', 'lid', 'battery or lid moves']} unseen="to be done" />
                    <tbody>
                        {stations.map((station) => {
                            const on = `station:${station.id}`;
                            const label = stationName(job, station.id);
                            return (
                                <tr key={station.id} data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                                    <td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="name" label={`Name of ${label}`} value={label} words />
                                    </td>
                                    <td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="x_m" label={`${label}, forward of the transom`} value={length(station.x_m, system)} />
                                    </td>
                                    <td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="y_m" label={`${label}, to port`} value={station.y_m < 0 ? `-${length(-station.y_m, system)}` : length(station.y_m, system)} />
                                    </td>
                                    <td>
                                        <PlaceSelect label={`Kind of ${label}`} value={station.kind ?? ''} choices={KINDS} readOnly={fixed} onChosen={(kind) => set(on, { kind })} />
                                    </td>
                                    <td>
                                        <PlaceSelect label={`Lid of ${label}`} value={station.lid ?? 'none'} choices={LIDS} readOnly={fixed} onChosen={(lid) => set(on, { lid })} />
                                    </td>
                                    <td>
                                        <input type="checkbox" aria-label={`At ${label} a battery or lid moves`} checked={station.moves ?? false} disabled={fixed} onChange={(event) => set(on, { moves: event.currentTarget.checked })} />
                                    </td>
                                    <td>
                                        {!fixed && (
                                            <TakeOut edits={edits} on={on} label={label} />
                                        )}
                                    </td>
                                </tr>
                            );
                        })}
                    </tbody>
                </table>
                {!fixed && (
                    <form
                        className={table.form}
                        onSubmit={(event) => {
                            event.preventDefault();
                            void edits.submit(() => ({ propose: { make: 'station', name, kind: 'locker', at: { x_m: Number(((layout.hull?.length_m ?? 4) / 2).toFixed(2)), y_m: 0 } } })).then((kept) => kept && setName(''));
                        }}
                    >
                        <TextInput size="xs" label="New station" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
                        <Button type="submit" size="compact-sm" variant="outline">
                            Put it amidships
                        </Button>
                    </form>
                )}
            </section>
            <section className={table.section} aria-label="Ways">
                <table className={table.table}>
                    <HeadRow heads={['way', 'length', 'on the drawing', 'kind', 'bore', 'curved', 'old wire in it', 'pull cord stays']} unseen="to be done" />
                    <tbody>
                        {ways.map((way) => {
                            const on = `way:${way.id}`;
                            const label = `${stationName(job, way.from)} to ${stationName(job, way.to)}`;
                            const drawn = layout.ways.find((one) => one.id === way.id)?.drawn_m ?? way.length_m;
                            const taped = way.measured !== 'drawing';
                            const differs = way.length_m - drawn;
                            const check = (field: 'curved' | 'old_wire' | 'pull_cord', words: string) => (
                                <input type="checkbox" aria-label={`${label}: ${words}`} checked={way[field] ?? false} disabled={fixed} onChange={(event) => set(on, { [field]: event.currentTarget.checked })} />
                            );
                            return (
                                <tr key={way.id} data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                                    <td>{label}</td>
                                    <td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="length_m" label={`Length from ${label}`} value={length(way.length_m, system)} figure={`way-${way.id}`} />
                                    </td>
                                    <td className={table.figure}>
                                        {length(drawn, system)}
                                        {taped ? (
                                            <>
                                                {Math.abs(differs) >= 0.01 && <span className="quiet"> tape {differs > 0 ? '+' : '−'}{length(Math.abs(differs), system)} </span>}{' '}
                                                {!fixed && (
                                                    <button type="button" className="act" aria-label={`Measure ${label} along the drawing`} onClick={() => void edits.submit(() => ({ propose: { make: 'drawn', way: way.id } }))}>
                                                        measure here
                                                    </button>
                                                )}
                                            </>
                                        ) : (
                                            <span className="quiet"> followed</span>
                                        )}
                                    </td>
                                    <td>
                                        <PlaceSelect label={`Kind of way from ${label}`} value={way.kind ?? ''} choices={WAYS} readOnly={fixed} onChosen={(kind) => set(on, { kind })} />
                                    </td>
                                    <td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="bore_mm" label={`Bore from ${label}`} value={way.bore_mm === undefined ? '–' : `${way.bore_mm} mm`} />
                                    </td>
                                    <td>{check('curved', 'curved')}</td>
                                    <td>{check('old_wire', 'an old wire lies in it')}</td>
                                    <td>{check('pull_cord', 'a pull cord stays in it')}</td>
                                    <td>
                                        {!fixed && (way.bends_m ?? []).length > 0 && (
                                            <button type="button" className="act" aria-label={`Straighten ${label}`} onClick={() => void edits.submit(() => ({ propose: { make: 'bends', way: way.id, bends: [] } }))}>
                                                straighten
                                            </button>
                                        )}{' '}
                                        {!fixed && (
                                            <TakeOut edits={edits} on={on} label={`the way from ${label}`} />
                                        )}
                                    </td>
                                </tr>
                            );
                        })}
                    </tbody>
                </table>
                {!fixed && stations.length > 1 && (
                    <form
                        className={table.form}
                        onSubmit={(event) => {
                            event.preventDefault();
                            void edits.submit(() => ({ propose: { make: 'way', from: between[0] || (stations[0]?.id ?? ''), to: between[1] || (stations[1]?.id ?? ''), kind: 'open' } }));
                        }}
                    >
                        <label>
                            New way from <PlaceSelect label="New way from" value={between[0] || (stations[0]?.id ?? '')} choices={choices} readOnly={false} onChosen={(from) => setBetween([from, between[1]])} />
                        </label>
                        <label>
                            to <PlaceSelect label="New way to" value={between[1] || (stations[1]?.id ?? '')} choices={choices} readOnly={false} onChosen={(to) => setBetween([between[0], to])} />
                        </label>
                        <Button type="submit" size="compact-sm" variant="outline">
                            Draw it
                        </Button>
                    </form>
                )}
            </section>
        </>
    );
}
