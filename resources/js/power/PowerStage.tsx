import { Button } from '@mantine/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, Navigate, useParams } from 'react-router-dom';

import { ask, Refused } from '../api/client';
import type { Job, PlannedJob } from '../api/types';
import { BatteryBench } from '../drawings/BatteryBench';
import { BurnsFirst } from '../drawings/BurnsFirst';
import { PowerTree } from '../drawings/PowerTree';
import { VoltProfile } from '../drawings/VoltProfile';
import { BoatStrip } from '../frame/BoatStrip';
import { Find, type Findable } from '../frame/Find';
import { Keys } from '../frame/Keys';
import { OrderOfWork } from '../frame/OrderOfWork';
import { useShortcuts } from '../frame/shortcuts';
import { useUnits } from '../units/units';
import { AddPart } from './AddPart';
import { Findings } from './Findings';
import { GaugeLadder } from './GaugeLadder';
import { deviceName, devicesBehind, feed, nextRung, partOf, run as runOf } from './planParts';
import classes from './PowerStage.module.css';
import { Posts } from './Posts';
import { Probes } from './Probes';
import { Readings } from './Readings';
import { Supply } from './Supply';
import { RunsTable } from './RunsTable';
import { UnkeptNotice } from './UnkeptNotice';
import { jobKey, type PlanEdits, usePlanEdits } from './usePlanEdits';
import { WhyPanel } from './WhyPanel';

/** How often others' changes are asked for. */
const LOOK_MS = 4_000;

const PANES = [
    ['findings', 'Findings'],
    ['runs', 'Runs'],
    ['profile', 'Volt profile'],
    ['bench', 'Battery bench'],
    ['short', 'What burns first'],
    ['supply', 'Supply'],
] as const;
type Pane = (typeof PANES)[number][0];
const WIDE: Pane[] = ['runs', 'supply'];

export function PowerStage() {
    const id = useParams().job ?? '';
    const { system } = useUnits();
    const job = useQuery({
        queryKey: jobKey(id, system),
        queryFn: () => ask<Job>(`jobs/${id}?units=${system}`),
        refetchInterval: LOOK_MS,
        placeholderData: (before) => before,
    });
    const edits = usePlanEdits(id, system);

    if (job.data === undefined) {
        if (job.error instanceof Refused && job.error.status === 401) {
            return <Navigate to="/sign-in" replace />;
        }
        return (
            <main className={classes.alone}>
                {job.error === null ? <p>Fetching the boat…</p> : <p role="alert">{job.error instanceof Refused ? 'There is no such boat in your shed.' : 'The server does not answer. It is asked again by itself.'}</p>}
                <Link to="/">To the shed</Link>
            </main>
        );
    }
    if (job.data.plan === null || job.data.evaluation === null || job.data.version === null) {
        return (
            <main className={classes.alone}>
                <h1>{job.data.boat}</h1>
                <p>No plan yet.</p>
                <Link to="/">To the shed</Link>
            </main>
        );
    }
    return <Planned job={job.data as PlannedJob} edits={edits} silent={job.isError} />;
}

function Planned({ job, edits, silent }: { job: PlannedJob; edits: PlanEdits; silent: boolean }) {
    const { system } = useUnits();
    const circuits = job.evaluation.runs.filter((run) => run.of !== 'lead');
    const [chosen, setChosen] = useState(circuits[0]?.id ?? '');
    const [pane, setPane] = useState<Pane>('findings');
    const [why, setWhy] = useState<string | null>(null);
    const [finding, setFinding] = useState(false);
    const [keys, setKeys] = useState(false);
    const [adding, setAdding] = useState(false);

    const selected = runOf(job, chosen) ?? circuits[0];
    const behind = selected === undefined ? [] : devicesBehind(job.plan, selected.id);
    const [watched, setWatched] = useState('');
    const profiled = behind.includes(watched) ? watched : behind[0];
    const profile = job.profiles.find((candidate) => candidate.device === profiled);
    const bankId = (selected === undefined ? undefined : feed(job.plan, selected.id)?.from.bank) ?? profile?.bank ?? job.plan.banks?.[0]?.id;
    const bank = job.plan.banks?.find((candidate) => candidate.id === bankId);

    const replace = useMutation({
        mutationFn: async (file: File) => ask<Job>(`jobs/${job.id}/plan?units=${system}`, { method: 'PUT', raw: await file.text() }),
        networkMode: 'always',
        onSuccess: edits.accept,
    });

    const step = (by: 1 | -1) => {
        const id = selected?.id ?? '';
        void edits.submit((now) => {
            const run = runOf(now, id);
            const next = run === undefined ? undefined : nextRung(run, by);
            return run === undefined || next === undefined || !now.can_change ? null : { patch: [{ on: partOf(run), set: { 'run.gauge': next.gauge } }] };
        });
    };
    const walk = (by: 1 | -1) => {
        const at = circuits.findIndex((run) => run.id === selected?.id);
        const next = circuits[(at + by + circuits.length) % circuits.length];
        if (next !== undefined) {
            setChosen(next.id);
        }
    };
    const openWhy = () => setWhy((open) => (open === null && selected !== undefined ? `run:${selected.id}:drop_pct` : null));
    useShortcuts({
        ']': () => step(1),
        '.': () => step(1),
        '[': () => step(-1),
        ',': () => step(-1),
        j: () => walk(1),
        k: () => walk(-1),
        w: openWhy,
        z: () => void edits.submit(() => 'undo'),
        undo: () => void edits.submit(() => 'undo'),
        y: () => void edits.submit(() => 'redo'),
        redo: () => void edits.submit(() => 'redo'),
        '1': () => setPane('findings'),
        '2': () => setPane('runs'),
        '3': () => setPane('profile'),
        '4': () => setPane('bench'),
        '5': () => setPane('short'),
        '6': () => setPane('supply'),
        p: () => setPane('bench'),
        a: () => setAdding(job.can_change),
        '/': () => setFinding(true),
        '?': () => setKeys(true),
    });

    const taken = selected === undefined ? null : takenWith(job, selected.id);
    const stops = job.evaluation.findings.filter((found) => found.level === 'stop').length;
    const decisions = job.evaluation.findings.filter((found) => found.level === 'warn').length - job.decided.length;
    const state = stops > 0 ? `${stops} ${stops === 1 ? 'stop' : 'stops'}` : decisions > 0 ? `${decisions} to decide` : 'in order';
    const things: Findable[] = [
        ...circuits.map((run) => ({ kind: run.of, label: run.label, go: () => setChosen(run.id) })),
        ...(job.plan.devices ?? []).map((device) => ({
            kind: 'device',
            label: deviceName(job.plan, device.id),
            go: () => {
                setChosen(circuits.find((run) => devicesBehind(job.plan, run.id).join() === device.id)?.id ?? '');
                setPane('profile');
            },
        })),
        ...job.evaluation.findings.map((found) => ({ kind: found.level === 'warn' ? 'decide' : found.level, label: found.says, go: () => setPane('findings') })),
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => setPane(name) })),
        ...(job.can_change ? [{ kind: 'command', label: 'Add a part', go: () => setAdding(true) }] : []),
    ];

    return (
        <div className={classes.frame} data-why={why !== null || undefined}>
            <OrderOfWork job={String(job.id)} state={state} />
            <div className={classes.top}>
                <BoatStrip job={job} edits={edits} onImport={(file) => replace.mutate(file)} onFind={() => setFinding(true)} onKeys={() => setKeys(true)} onWhy={openWhy} />
                <UnkeptNotice job={job} edits={edits} />
                {replace.error !== null && (
                    <p role="alert" className={classes.refused}>
                        {replace.error.message}
                    </p>
                )}
                {silent && (
                    <p role="status" className={classes.refused}>
                        The server does not answer; what you see may be old. It is asked again by itself.
                    </p>
                )}
            </div>
            <main className={classes.main}>
                <section className={classes.drawing} aria-label="Power tree">
                    <header className={classes.drawingHead}>
                        <h2 className={classes.title}>Power tree</h2>
                        <span className="quiet">line weight is copper, tint is volts</span>
                        {job.can_change && (
                            <span className={classes.acts}>
                                <Button size="compact-sm" variant="outline" onClick={() => setAdding(true)}>
                                    Add a part
                                </Button>
                                {taken !== null && (
                                    <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ takeOut: taken.on }))}>
                                        Take out {taken.label}
                                    </Button>
                                )}
                            </span>
                        )}
                    </header>
                    <div className={classes.tree} tabIndex={0} role="region" aria-label="Drawing of the power tree">
                        {(job.plan.banks ?? []).length === 0 && <p>Nothing is planned yet. Begin with a bank: add batteries, then a fuse block, then what it feeds.</p>}
                        <PowerTree job={job} selected={selected?.id ?? ''} onSelect={setChosen} />
                    </div>
                </section>
                <section className={classes.lower} data-wide={WIDE.includes(pane) || undefined}>
                    <div className={classes.tabs} role="tablist" aria-label="Lower pane">
                        {PANES.map(([name, label]) => (
                            <button key={name} type="button" role="tab" id={`tab-${name}`} aria-selected={pane === name} aria-controls="lower-pane" className={classes.tab} onClick={() => setPane(name)}>
                                {label}
                                {name === 'findings' && ` (${job.evaluation.findings.length})`}
                            </button>
                        ))}
                        <span className={classes.selected}>{selected?.label}</span>
                    </div>
                    <div className={classes.pane} id="lower-pane" role="tabpanel" aria-labelledby={`tab-${pane}`}>
                        {pane === 'findings' && <Findings job={job} edits={edits} onWhy={setWhy} />}
                        {pane === 'runs' && <RunsTable job={job} selected={selected?.id ?? ''} onSelect={setChosen} edits={edits} />}
                        {pane === 'profile' &&
                            (profile === undefined ? (
                                <p>No profile: a length on the way, or the volts of the bank, is not known.</p>
                            ) : (
                                <div className={classes.profile}>
                                    {behind.length > 1 && (
                                        <label className={classes.pick}>
                                            To{' '}
                                            <select value={profiled} onChange={(event) => setWatched(event.currentTarget.value)}>
                                                {behind.map((device) => (
                                                    <option key={device} value={device}>
                                                        {deviceName(job.plan, device)}
                                                    </option>
                                                ))}
                                            </select>
                                        </label>
                                    )}
                                    <VoltProfile profile={profile} name={deviceName(job.plan, profile.device)} />
                                </div>
                            ))}
                        {pane === 'supply' && <Supply job={job} edits={edits} />}
                        {pane === 'short' && selected !== undefined && <BurnsFirst job={job} run={selected} />}
                        {pane === 'bench' &&
                            (bank === undefined ? (
                                <p>This boat has no bank.</p>
                            ) : (
                                <div className={classes.bench} tabIndex={0} role="region" aria-label={`Bench of bank ${bank.id}`}>
                                    <div>
                                        <Probes key={bank.id} job={job} bank={bank.id} />
                                        <Posts job={job} bank={bank} edits={edits} />
                                    </div>
                                    <BatteryBench job={job} bank={bank} />
                                </div>
                            ))}
                    </div>
                    {/* Tables need the whole width; [ and ] act there as well. */}
                    {!WIDE.includes(pane) && (
                        <div className={classes.side}>{pane === 'bench' ? <Readings job={job} onJob={edits.accept} /> : selected !== undefined && <GaugeLadder job={job} run={selected} edits={edits} />}</div>
                    )}
                </section>
            </main>
            {why !== null && <WhyPanel job={job} figure={why} figures={figuresOf(job, selected?.id ?? '', why)} onFigure={setWhy} onClose={() => setWhy(null)} />}
            <AddPart opened={adding} onClose={() => setAdding(false)} job={job} edits={edits} />
            <Find opened={finding} onClose={() => setFinding(false)} things={things} />
            <Keys opened={keys} onClose={() => setKeys(false)} />
        </div>
    );
}

/** What taking the selected run out would take out: its device, or the block that it feeds. */
function takenWith(job: PlannedJob, run: string) {
    const to = feed(job.plan, run)?.to;
    if (to?.block !== undefined) {
        return { on: `block:${to.block}`, label: to.block };
    }
    const device = devicesBehind(job.plan, run)[0];
    return device === undefined ? null : { on: `device:${device}`, label: deviceName(job.plan, device) };
}

/** What can be asked about the selected run, the devices behind it and its bank. */
function figuresOf(job: PlannedJob, run: string, asked: string) {
    const label = runOf(job, run)?.label ?? run;
    const figures = [
        { figure: `run:${run}:drop_pct`, label: `Drop of ${label}` },
        { figure: `run:${run}:gauge`, label: `Gauge of ${label}` },
        { figure: `run:${run}:length_m`, label: `Length of ${label}` },
        { figure: `run:${run}:current_a`, label: `Current of ${label}` },
        { figure: `run:${run}:ampacity_a`, label: `What it carries` },
        { figure: `run:${run}:protection_a`, label: `Fuse of ${label}` },
        { figure: `run:${run}:far_short_a`, label: `Short at its far end` },
        ...devicesBehind(job.plan, run).flatMap((device) => [
            { figure: `device:${device}:volts_loaded`, label: `Volts at ${deviceName(job.plan, device)}, everything on` },
            { figure: `device:${device}:volts_lowest`, label: `Lowest volts at ${deviceName(job.plan, device)}` },
            { figure: `device:${device}:path_drop_pct`, label: `Whole path to ${deviceName(job.plan, device)}` },
        ]),
        ...job.evaluation.banks.flatMap((bank) => [
            { figure: `bank:${bank.id}:rested_v`, label: `Bank ${bank.id} at rest` },
            { figure: `bank:${bank.id}:short_circuit_a`, label: `Short across bank ${bank.id}` },
        ]),
        ...job.evaluation.meter_points.map((point) => ({ figure: `meter:${point.id}`, label: `Reading ${point.label}` })),
        ...job.evaluation.findings.map((found) => ({ figure: `finding:${found.rule}:${found.on}`, label: `Finding ${found.rule} on ${found.on.replace(':', ' ')}` })),
    ];
    return figures.some((choice) => choice.figure === asked) ? figures : [{ figure: asked, label: asked }, ...figures];
}
