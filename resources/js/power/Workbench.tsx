import { lazy, Suspense, useState } from 'react';

import { useQuiet } from '../api/useQuiet';
import { partName } from '../boat/parts';
import { devicesBehind, nextRung, partOf, run as runOf } from '../boat/planParts';
import type { StageProps } from '../frame/Stage';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { type Findable } from '../palette/findable';
import { usePreview } from '../plan/usePreview';
import { useStageAnswer } from '../plan/useStageAnswer';
import { useUnits } from '../units/units';
import { WhyPanel } from '../why/WhyPanel';
import { AboutPart } from './AboutPart';
import { askedFigures } from './figuresOf';
import { LowerPane } from './LowerPane';
import { AT_THE_BENCH, AT_THE_TREE, type Pane, PANES } from './panes';
import { type Drawn, PowerDrawing } from './PowerDrawing';
import { powerSelection } from './powerSelection';
import type { ProbePlaces } from './Probes';
import { SplitFeed } from './SplitFeed';
import { type First, useBench } from '../plan/useBench';

/** With every kind of field in it: a script that the drawing does not wait for. */
const AddPart = lazy(async () => ({ default: (await import('../add/AddPart')).AddPart }));

/** What can be put in without a part of the catalogue, of what stands at this stage. */
const MADE_HERE = ['feed', 'branch', 'block', 'device', 'charger', 'bond'];

type PowerAsked = Asked | 'add' | 'split' | null;

/** The stage Power of a boat that has a plan: a drawing above, panes below, everything of the part in hand beside them. */
export function Workbench({ job, edits, silent }: StageProps) {
    const { system } = useUnits();
    const { pane, paneName, on: named, drawing: drawn, go } = useStageAddress<Pane>(PANES, 'findings');
    const drawing: Drawn = drawn === 'bench' ? 'bench' : 'tree';
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<PowerAsked>(null);
    const [watched, setWatched] = useState('');
    const [probes, setProbes] = useState<Record<string, ProbePlaces>>({});
    const [done, setDone] = useState(0);
    const [first, setFirst] = useState<First | null>(null);
    const { preview, look } = usePreview(job, 'power');
    const isQuiet = useQuiet();

    const circuits = job.evaluation.runs.filter((run) => run.of !== 'lead');
    const selection = powerSelection(job, named);
    const { on, run, about, bank } = selection;
    const answer = useStageAnswer(job, 'power').data;
    const behind = about === undefined ? [] : devicesBehind(job.plan, about.id);
    const profiled = behind.includes(watched) ? watched : behind[0];
    const bench = useBench(job, drawing === 'bench' ? bank?.id : undefined, first);
    const onBench = bench.data?.bank === bank?.id ? bench.data : undefined;
    const stood = bank === undefined ? { plus: '', minus: '' } : (probes[bank.id] ?? { plus: `${bank.strings[0]?.at(-1) ?? ''}+`, minus: `${bank.strings[0]?.[0] ?? ''}-` });

    const select = (part: string, quietly = false) => go({ on: part }, quietly);
    const show = (next: Pane, part?: string) => {
        look(null);
        const above: Drawn | undefined = AT_THE_BENCH.includes(next) ? 'bench' : AT_THE_TREE.includes(next) ? 'tree' : undefined;
        go({ pane: next, ...(part === undefined ? {} : { on: part }), ...(above === undefined ? {} : { drawing: above }) });
    };
    const step = (by: 1 | -1) => {
        const id = run?.id ?? '';
        void edits.submit((now) => {
            const held = runOf(now, id);
            const next = held === undefined ? undefined : nextRung(held, by);
            return held === undefined || next === undefined || !now.can_change ? null : { patch: [{ on: partOf(held), set: { 'run.gauge': next.gauge } }] };
        });
    };
    const walk = (by: 1 | -1) => {
        const at = circuits.findIndex((one) => one.id === about?.id);
        const next = circuits[(at + by + circuits.length) % circuits.length];
        if (next !== undefined) {
            select(partOf(next), true);
        }
    };
    const showPart = (part: string) => go({ on: part, drawing: part.startsWith('bank:') || part.startsWith('battery:') ? 'bench' : 'tree' });
    const openWhy = () => setWhy((open) => (open === null && about !== undefined ? `run:${about.id}:drop_pct` : null));
    useStageKeys({ job, panes: PANES, onPane: show, edits, onAsk: setAsked }, {
        ']': () => step(1),
        '.': () => step(1),
        '[': () => step(-1),
        ',': () => step(-1),
        j: () => walk(1),
        k: () => walk(-1),
        w: openWhy,
        t: () => go({ drawing: 'tree' }),
        p: () => show('bench'),
        a: () => setAsked(job.can_change ? 'add' : null),
    });

    const things: Findable[] = [
        ...circuits.map((one) => ({ kind: one.of, label: one.label, go: () => select(partOf(one)) })),
        ...(job.plan.devices ?? []).map(({ id }) => ({ kind: 'device', label: partName(job, `device:${id}`), go: () => show('profile', `device:${id}`) })),
        ...(job.plan.banks ?? []).map(({ id }) => ({ kind: 'bank', label: partName(job, `bank:${id}`), go: () => show('bench', `bank:${id}`) })),
        ...job.evaluation.findings.map((found) => ({ kind: found.level === 'warn' ? 'decide' : found.level, label: found.says, go: () => show('findings', found.on) })),
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => show(name) })),
        { kind: 'show', label: 'Log of changes', go: () => setAsked('log') },
        ...(job.can_change ? [{ kind: 'command', label: 'Add a part', go: () => setAsked('add') }] : []),
    ];

    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="power"
            onAsk={setAsked}
            onWhy={openWhy}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={askedFigures(job, on, about?.id ?? '', why, system)} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            on={on}
            onSelect={select}
            about={<AboutPart job={job} edits={edits} on={on} onWhy={setWhy} onLook={look} />}
            things={things}
            paneName={paneName}
            asked={
                <>
                    <Suspense fallback={null}>
                        {(isQuiet || asked === 'add') && <AddPart opened={asked === 'add'} onClose={() => setAsked(null)} job={job} edits={edits} made={MADE_HERE} selected={about} />}
                    </Suspense>
                    {run !== undefined && <SplitFeed opened={asked === 'split'} onClose={() => setAsked(null)} job={job} feed={run.id} edits={edits} />}
                    <StageDialogs stage="power" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />
                </>
            }
            drawing={
                <PowerDrawing
                    job={job}
                    edits={edits}
                    selection={selection}
                    drawing={drawing}
                    onDrawing={(next) => go({ drawing: next })}
                    onSelect={select}
                    onAdd={() => setAsked('add')}
                    onSplit={() => setAsked('split')}
                    preview={preview}
                    wired={answer?.banks ?? []}
                    bench={onBench}
                    benchError={bench.error}
                    probes={stood}
                    onProbe={(which, point) => bank !== undefined && setProbes((before) => ({ ...before, [bank.id]: { ...stood, [which]: point } }))}
                    done={pane === 'order' ? done : null}
                />
            }
            lower={
                <LowerPane
                    job={job}
                    edits={edits}
                    pane={pane}
                    onPane={show}
                    selected={about}
                    onSelect={select}
                    profile={answer?.profiles.find((candidate) => candidate.device === profiled)}
                    watchable={behind}
                    onWatch={setWatched}
                    bank={bank}
                    bench={onBench}
                    wired={answer?.banks.find((one) => one.id === bank?.id)}
                    done={done}
                    onDone={setDone}
                    onFirst={setFirst}
                    onShow={showPart}
                    onLook={look}
                    onWhy={setWhy}
                />
            }
        />
    );
}
