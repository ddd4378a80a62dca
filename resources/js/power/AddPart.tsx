import { Button, NumberInput, Select, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';

import { ask } from '../api/client';
import { CATALOGUE_KINDS, KINDS } from '../api/forms';
import type { CataloguePart, Offer, PlannedJob, Run } from '../api/types';
import { words } from '../boat/parts';
import { useCatalogue } from '../catalogue/parts';
import { Dialog } from '../look/Dialog';
import classes from './AddPart.module.css';
import type { NewPart } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';
import { MakePart } from './MakePart';

const TITLES = new Map(CATALOGUE_KINDS);

/** What can be put in without a part of the catalogue, of what stands at this stage. */
const MADE_HERE = ['feed', 'branch', 'block', 'device', 'charger', 'bond'];

const ON_A_RUN: CataloguePart['kind'][] = ['wire', 'protection', 'connector'];

/** Puts a part of the shop's catalogue into the boat; its circuit is proposed by the server. */
export function AddPart({ opened, onClose, job, edits, selected }: { opened: boolean; onClose: () => void; job: PlannedJob; edits: PlanEdits; selected: Run | undefined }) {
    const catalogue = useCatalogue(opened);
    const [sought, setSought] = useState('');
    const [part, setPart] = useState<CataloguePart | null>(null);
    const soughtWords = sought.toLowerCase().split(/\s+/).filter(Boolean);
    const found = (catalogue.data?.parts ?? []).filter((candidate) => soughtWords.every((word) => `${TITLES.get(candidate.kind) ?? ''} ${candidate.name}`.toLowerCase().includes(word)));
    const meant = found.length === 1 ? found[0] : found.find((candidate) => candidate.name.toLowerCase() === sought.trim().toLowerCase());
    const list = useRef<HTMLDivElement>(null);
    // Enter counts though whoever typed was faster than the catalogue: the part meant is taken when it comes.
    const [entered, setEntered] = useState(false);
    const [made, setMade] = useState<string | null>(null);
    const taken = part ?? (entered ? meant : undefined) ?? null;
    const focusFirst = () => list.current?.querySelector('button')?.focus(); // of several none was meant yet
    useEffect(() => {
        if (entered && taken === null) {
            focusFirst();
        }
    }, [entered, taken, catalogue.data]);
    const leave = () => {
        setEntered(false);
        setPart(null);
        setMade(null);
    };
    const close = () => {
        leave();
        setSought('');
        onClose();
    };
    return (
        <Dialog opened={opened} onClose={close} title={made !== null ? `Add a ${KINDS[made]?.word ?? made}` : taken === null ? 'Add a part' : taken.name}>
            {made !== null ? (
                <MakePart kind={made} job={job} edits={edits} onBack={leave} onDone={close} />
            ) : taken !== null ? (
                <Details
                    part={taken}
                    job={job}
                    selected={selected}
                    onBack={leave}
                    onAdd={(how) => {
                        void edits.submit(() => ({ add: { part: taken.id, ...how } }));
                        close();
                    }}
                />
            ) : (
                <>
                    <TextInput
                        data-autofocus
                        label="Part of the catalogue"
                        value={sought}
                        onChange={(event) => {
                            setEntered(false);
                            setSought(event.currentTarget.value);
                        }}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter') {
                                event.preventDefault();
                                setEntered(true);
                                focusFirst();
                            }
                        }}
                    />
                    <div ref={list} className={classes.list} tabIndex={0} role="region" aria-label="Parts found">
                        {CATALOGUE_KINDS.map(([kind, title]) => {
                            const parts = found.filter((candidate) => candidate.kind === kind);
                            return parts.length === 0 ? null : (
                                <section key={kind}>
                                    <h3 className={classes.kind}>{title}</h3>
                                    <ul className={classes.parts}>
                                        {parts.map((candidate) => (
                                            <li key={candidate.id}>
                                                <button type="button" onClick={() => setPart(candidate)}>
                                                    {candidate.name}
                                                </button>
                                            </li>
                                        ))}
                                    </ul>
                                </section>
                            );
                        })}
                        <section>
                            <h3 className={classes.kind}>Not of the catalogue</h3>
                            <ul className={classes.parts}>
                                {MADE_HERE.map((kind) => (
                                    <li key={kind}>
                                        <button type="button" onClick={() => setMade(kind)}>
                                            {words(KINDS[kind]?.word ?? kind)}, figure by figure
                                        </button>
                                    </li>
                                ))}
                            </ul>
                        </section>
                        {catalogue.isPending && <p>Fetching the catalogue…</p>}
                        {catalogue.error !== null && <p role="alert">{catalogue.error.message}</p>}
                        {catalogue.data !== undefined && found.length === 0 && <p>The catalogue has nothing of that name.</p>}
                    </div>
                </>
            )}
        </Dialog>
    );
}

/** What has to be known of a part before it can be put in. */
function Details({ part, job, selected, onBack, onAdd }: { part: CataloguePart; job: PlannedJob; selected: Run | undefined; onBack: () => void; onAdd: (how: Omit<NewPart, 'part'>) => void }) {
    const banks = (job.plan.banks ?? []).map((bank) => bank.id);
    const stations = (job.plan.boat?.stations ?? []).map((station) => ({ value: station.id, label: station.name === undefined || station.name === '' ? station.id : station.name }));
    const needsBank = part.kind === 'block' || part.kind === 'charger';
    const [name, setName] = useState('');
    const [station, setStation] = useState<string | null>(stations[0]?.value ?? null);
    const [bank, setBank] = useState<string | null>(banks[banks.length - 1] ?? null);
    const runs = job.evaluation.runs.filter((run) => run.of === 'feed' || (run.of === 'branch' && part.kind !== 'protection')).map((run) => ({ value: run.id, label: run.label }));
    const onRun = ON_A_RUN.includes(part.kind);
    const [run, setRun] = useState<string | null>(runs.find((candidate) => candidate.value === selected?.id)?.value ?? runs[0]?.value ?? null);
    const offers = useOffers(job, part, station);
    const [on, setOn] = useState<string | null>(null);
    const offered = on !== null && offers.some((offer) => offer.on === on) ? on : (offers[0]?.on ?? null);
    const [series, setSeries] = useState<number | string>(1);
    const [cranking, setCranking] = useState<number | string>('');
    const [parallel, setParallel] = useState<number | string>(1);
    const missing =
        onRun && runs.length === 0
            ? 'It goes on a run, and this boat has none yet. Add a bank and what it feeds first.'
            : needsBank && banks.length === 0
              ? 'It hangs on a bank, and this boat has none yet. Add batteries first.'
              : null;
    if (missing !== null) {
        return (
            <div className={classes.details}>
                <p>{missing}</p>
                <Button variant="outline" onClick={onBack} data-autofocus>
                    Back to the catalogue
                </Button>
            </div>
        );
    }
    return (
        <form
            className={classes.details}
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                onAdd({
                    ...(name.trim() === '' ? {} : { name: name.trim() }),
                    ...(station === null || part.kind === 'charger' || onRun ? {} : { station }),
                    ...(part.kind === 'device' && offered !== null ? { on: offered } : {}),
                    ...(onRun && run !== null ? { run } : {}),
                    ...(needsBank && bank !== null ? { bank } : {}),
                    ...(part.kind === 'battery' ? { series: Number(series), parallel: Number(parallel), ...(cranking === '' ? {} : { cranking_a: Number(cranking) }) } : {}),
                });
            }}
        >
            {onRun && <Select data-autofocus label="On the run" data={runs} value={run} onChange={setRun} allowDeselect={false} comboboxProps={{ transitionProps: { duration: 0 } }} />}
            {!onRun && (
                <TextInput
                    data-autofocus
                    label={part.kind === 'battery' ? 'Name of the bank' : 'Name on this boat'}
                    description={part.kind === 'battery' ? 'empty: thrust for a series bank, house for a single block' : 'empty: as in the catalogue'}
                    value={name}
                    onChange={(event) => setName(event.currentTarget.value)}
                />
            )}
            {part.kind === 'battery' && (
                <div className={classes.pair}>
                    <NumberInput label="Blocks in series" min={1} max={16} value={series} onChange={setSeries} />
                    <NumberInput label="Strings in parallel" min={1} max={16} value={parallel} onChange={setParallel} />
                </div>
            )}
            {part.kind === 'battery' && <NumberInput label="Cranking amps of the engine it starts" description="empty: it starts none" min={1} max={2000} value={cranking} onChange={setCranking} />}
            {needsBank && <Select label="Bank" data={banks} value={bank} onChange={setBank} allowDeselect={false} comboboxProps={{ transitionProps: { duration: 0 } }} />}
            {part.kind !== 'charger' && !onRun && stations.length > 0 && (
                <Select label="Where" data={stations} value={station} onChange={setStation} allowDeselect={false} comboboxProps={{ transitionProps: { duration: 0 } }} />
            )}
            {part.kind === 'device' && offers.length > 0 && (
                <Select label="Hung on" data={offers.map((offer) => ({ value: offer.on, label: offer.label }))} value={offered} onChange={setOn} allowDeselect={false} comboboxProps={{ transitionProps: { duration: 0 } }} />
            )}
            {part.kind === 'battery' && <p className="quiet">Series adds volts, parallel adds hours. Rings off: a short across a battery welds tools.</p>}
            {part.kind === 'device' && <p className="quiet">Gauge and fuse follow its run.{offers.length === 0 && ' No bank has its volts: it is put in without a feed.'}</p>}
            {part.kind === 'charger' && <p className="quiet">Mains side: a licensed electrician where the local code asks for one, earth-fault protection always.</p>}
            <div className={classes.pair}>
                <Button type="submit">Add it</Button>
                <Button variant="outline" onClick={onBack}>
                    Back to the catalogue
                </Button>
            </div>
        </form>
    );
}

/** What a device could be hung on, as a rigger would take it first. */
function useOffers(job: PlannedJob, part: CataloguePart, station: string | null): Offer[] {
    const offers = useQuery({
        queryKey: ['offers', job.id, job.version.hash, part.id, station],
        queryFn: () => ask<{ offers: Offer[] }>(`jobs/${job.id}/offers?${new URLSearchParams({ part: String(part.id), ...(station === null ? {} : { station }) }).toString()}`),
        enabled: part.kind === 'device',
    });
    return offers.data?.offers ?? [];
}
