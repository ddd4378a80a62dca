import { Button } from '@mantine/core';
import { useState } from 'react';

import type { Bench, PlannedJob, WiredBank } from '../api/types';
import { useCatalogue } from '../catalogue/parts';
import { PowerTree } from '../drawings/PowerTree';
import type { Findable } from '../frame/Find';
import type { StageProps } from '../frame/Stage';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageKeys } from '../frame/useStageKeys';
import { AddPart } from './AddPart';
import { askedFigures } from './askedFigures';
import { BenchDrawing } from './BenchDrawing';
import { hangBranch } from './branches';
import { LowerPane } from './LowerPane';
import { AT_THE_BENCH, AT_THE_TREE, type Pane, PANES } from './panes';
import { block, deviceName, devicesBehind, feed, nextRung, partOf, run as runOf } from '../boat/planParts';
import classes from '../frame/Stage.module.css';
import { PreviewBanner } from './PreviewBanner';
import { SplitFeed } from './SplitFeed';
import { type First, useBench } from './useBench';
import { usePreview } from '../plan/usePreview';
import { useStageAnswer } from '../plan/useStageAnswer';
import { WhyPanel } from '../why/WhyPanel';

type PowerAsked = Asked | 'add' | 'split' | null;

/** The stage Power of a boat that has a plan: a drawing above, panes below, everything of the run or bank in hand. */
export function Workbench({ job, edits, silent }: StageProps) {
    const circuits = job.evaluation.runs.filter((run) => run.of !== 'lead');
    const [chosen, setChosen] = useState(circuits[0]?.id ?? '');
    const [pane, setPane] = useState<Pane>('findings');
    const [drawing, setDrawing] = useState<'tree' | 'bench'>('tree');
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<PowerAsked>(null);
    const [watched, setWatched] = useState('');
    const [benched, setBenched] = useState<string | null>(null);
    const [probes, setProbes] = useState<Record<string, { plus: string; minus: string }>>({});
    const [done, setDone] = useState(0);
    const [first, setFirst] = useState<First | null>(null);
    const { preview, look } = usePreview(job, 'power');
    const catalogue = useCatalogue((job.plan.blocks ?? []).length > 1).data?.parts ?? [];

    const selected = runOf(job, chosen) ?? circuits[0];
    const drawn = useStageAnswer(job, 'power').data;
    const behind = selected === undefined ? [] : devicesBehind(job.plan, selected.id);
    const profiled = behind.includes(watched) ? watched : behind[0];
    const profile = drawn?.profiles.find((candidate) => candidate.device === profiled);
    const banks = job.plan.banks ?? [];
    const bankOfRun = (selected === undefined ? undefined : feed(job.plan, selected.id)?.from.bank) ?? profile?.bank;
    const bank = banks.find((candidate) => candidate.id === (benched ?? bankOfRun)) ?? banks.find((candidate) => candidate.id === bankOfRun) ?? banks[0];
    const bench = useBench(job, drawing === 'bench' ? bank?.id : undefined, first);
    const onBench = bench.data?.bank === bank?.id ? bench.data : undefined;
    const stood = bank === undefined ? { plus: '', minus: '' } : (probes[bank.id] ?? { plus: `${bank.strings[0]?.at(-1) ?? ''}+`, minus: `${bank.strings[0]?.[0] ?? ''}-` });

    const choose = (run: string) => {
        setChosen(run);
        setBenched(null);
    };
    const show = (next: Pane) => {
        setPane(next);
        look(null);
        if (AT_THE_BENCH.includes(next) || AT_THE_TREE.includes(next)) {
            setDrawing(AT_THE_TREE.includes(next) ? 'tree' : 'bench');
        }
    };
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
            choose(next.id);
        }
    };
    const showPart = (on: string) => {
        const [kind, id = ''] = on.split(':');
        const ofBank = kind === 'bank' ? id : kind === 'battery' ? banks.find((one) => one.strings.flat().includes(id))?.id : undefined;
        if (ofBank !== undefined) {
            setBenched(ofBank);
            setDrawing('bench');
            return;
        }
        choose(kind === 'device' ? (circuits.find((run) => devicesBehind(job.plan, run.id).join() === id)?.id ?? '') : id);
        setDrawing('tree');
    };
    const openWhy = () => setWhy((open) => (open === null && selected !== undefined ? `run:${selected.id}:drop_pct` : null));
    useStageKeys({ panes: PANES, onPane: show, edits, onAsk: setAsked }, {
        ']': () => step(1),
        '.': () => step(1),
        '[': () => step(-1),
        ',': () => step(-1),
        j: () => walk(1),
        k: () => walk(-1),
        w: openWhy,
        t: () => setDrawing('tree'),
        p: () => show('bench'),
        o: () => show('order'),
        a: () => setAsked(job.can_change ? 'add' : null),
    });

    const taken = selected === undefined ? null : takenWith(job, selected.id);
    const splits = selected !== undefined && (block(job.plan, feed(job.plan, selected.id)?.to.block ?? '')?.branches?.length ?? 0) > 1;
    const things: Findable[] = [
        ...circuits.map((run) => ({ kind: run.of, label: run.label, go: () => choose(run.id) })),
        ...(job.plan.devices ?? []).map((device) => ({
            kind: 'device',
            label: deviceName(job.plan, device.id),
            go: () => {
                choose(circuits.find((run) => devicesBehind(job.plan, run.id).join() === device.id)?.id ?? '');
                show('profile');
            },
        })),
        ...banks.map((found) => ({
            kind: 'bank',
            label: found.id,
            go: () => {
                setBenched(found.id);
                show('bench');
            },
        })),
        ...job.evaluation.findings.map((found) => ({ kind: found.level === 'warn' ? 'decide' : found.level, label: found.says, go: () => show('findings') })),
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => show(name) })),
        { kind: 'show', label: 'Log of changes', go: () => setAsked('log') },
        ...(job.can_change ? [{ kind: 'command', label: 'Add a part', go: () => setAsked('add') }] : []),
    ];
    const shown = preview === null ? job : { ...job, plan: preview.plan, evaluation: preview.evaluation };
    const shownBank = shown.plan.banks?.find((one) => one.id === bank?.id) ?? bank;
    const wired = (preview === null ? drawn : preview.drawn.power)?.banks ?? [];
    const shownWires = wired.find((one) => one.id === shownBank?.id);
    const shownBench = preview === null || onBench === undefined || shownWires === undefined ? onBench : wiredAs(onBench, shownWires);

    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="power"
            onAsk={setAsked}
            onWhy={openWhy}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={askedFigures(job, selected?.id ?? '', why)} onFigure={setWhy} onClose={() => setWhy(null)} />}
            asked={
                <>
                    <AddPart opened={asked === 'add'} onClose={() => setAsked(null)} job={job} edits={edits} selected={selected} />
                    {selected !== undefined && <SplitFeed opened={asked === 'split'} onClose={() => setAsked(null)} job={job} feed={selected.id} edits={edits} />}
                    <StageDialogs stage="power" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} things={things} />
                </>
            }
        >
                <section className={classes.drawing} aria-label={drawing === 'tree' ? 'Power tree' : 'Battery bench'}>
                    <header className={classes.drawingHead}>
                        <h2 className={classes.title}>
                            {(['tree', 'bench'] as const).map((name) => (
                                <button key={name} type="button" className={classes.switch} aria-pressed={drawing === name} onClick={() => setDrawing(name)}>
                                    {name === 'tree' ? 'Power tree' : 'On the bench'}
                                </button>
                            ))}
                        </h2>
                        {drawing === 'tree' ? (
                            <span className="quiet">line weight is copper, tint is volts</span>
                        ) : (
                            <label className={classes.pick}>
                                Bank{' '}
                                <select value={bank?.id ?? ''} onChange={(event) => setBenched(event.currentTarget.value)}>
                                    {banks.map((one) => (
                                        <option key={one.id} value={one.id}>
                                            {one.id}
                                        </option>
                                    ))}
                                </select>
                            </label>
                        )}
                        {job.can_change && (
                            <span className={classes.acts}>
                                <Button size="compact-sm" variant="outline" onClick={() => setAsked('add')}>
                                    Add a part
                                </Button>
                                {splits && (
                                    <Button size="compact-sm" variant="outline" onClick={() => setAsked('split')}>
                                        Split this feed
                                    </Button>
                                )}
                                {taken !== null && (
                                    <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ takeOut: taken.on }))}>
                                        Take out {taken.label}
                                    </Button>
                                )}
                            </span>
                        )}
                    </header>
                    {preview !== null && <PreviewBanner preview={preview} />}
                    {drawing === 'tree' || bank === undefined ? (
                        <div className={classes.tree} tabIndex={0} role="region" aria-label="Drawing of the power tree">
                            {banks.length === 0 && <p>Nothing is planned yet. Begin with a bank: add batteries, then a fuse block, then what it feeds.</p>}
                            <PowerTree
                                job={shown}
                                wired={wired}
                                selected={selected?.id ?? ''}
                                touched={preview?.touches ?? []}
                                onSelect={choose}
                                onWhy={setWhy}
                                onHang={
                                    job.can_change
                                        ? (run, onto) =>
                                              void edits.submit((now) => {
                                                  const patch = hangBranch(now.plan, run, onto, catalogue);
                                                  return patch === null ? null : { patch };
                                              })
                                        : null
                                }
                            />
                        </div>
                    ) : (
                        <div className={classes.tree} tabIndex={0} role="region" aria-label={`Bench of bank ${bank.id}`}>
                            {shownBench === undefined || shownBank === undefined || shownWires === undefined ? (
                                <p>{bench.error === null ? 'Fetching the bench…' : bench.error.message}</p>
                            ) : (
                                <BenchDrawing
                                    job={shown}
                                    wired={shownWires}
                                    bench={shownBench}
                                    edits={edits}
                                    probes={stood}
                                    done={pane === 'order' ? Math.min(done, shownBench.order.length) : null}
                                    onProbe={(which, point) => setProbes((before) => ({ ...before, [bank.id]: { ...stood, [which]: point } }))}
                                />
                            )}
                        </div>
                    )}
                </section>
                <LowerPane
                    job={job}
                    edits={edits}
                    pane={pane}
                    onPane={show}
                    selected={selected}
                    onSelect={choose}
                    profile={profile}
                    watchable={behind}
                    onWatch={setWatched}
                    bank={bank}
                    bench={onBench}
                    wired={drawn?.banks.find((one) => one.id === bank?.id)}
                    done={done}
                    onDone={setDone}
                    onFirst={setFirst}
                    onShow={showPart}
                    onLook={look}
                    onWhy={setWhy}
                />
        </StageFrame>
    );
}

/** The bench with the wires that a change which is looked at would land. */
function wiredAs(bench: Bench, bank: WiredBank): Bench {
    return { ...bench, wires: bank.wires.map((wire, at) => ({ gauge: '', length_m: 0, drawn_m: null, ...bench.wires[at], ...wire, amps: null })) };
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
