import { Button, Group } from '@mantine/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router-dom';

import type { RigStep } from '../api/types';
import { Panes } from '../frame/Panes';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { Region } from '../look/Region';
import { useNarrow } from '../look/useNarrow';
import type { Findable } from '../palette/findable';
import { FindingsOn } from '../plan/FindingsOn';
import { useStageAnswer } from '../plan/useStageAnswer';
import { WhyPanel } from '../why/WhyPanel';
import { KeptLine } from './KeptLine';
import { type Pane, PANES } from './panes';
import { StepScreen } from './StepScreen';
import screen from './StepScreen.module.css';
import { StepsPane } from './StepsPane';
import { nextOf } from './standing';
import { stepsNow } from './stepsNow';
import { useWork } from './useWork';
import { WaitsPane } from './WaitsPane';
import { workWords } from './workWords';

// What no first sight of a phone waits for.
const DeskStep = lazy(async () => ({ default: (await import('./DeskStep')).DeskStep }));
const ListsPane = lazy(async () => ({ default: (await import('./ListsPane')).ListsPane }));
const QuestionsPane = lazy(async () => ({ default: (await import('./QuestionsPane')).QuestionsPane }));
const RecordPane = lazy(async () => ({ default: (await import('./RecordPane')).RecordPane }));

export function RigStage() {
    return <Stage stage="rig">{(props) => <BoatRig {...props} />}</Stage>;
}

/** The stage Rig: the work, one step at a time. */
function BoatRig({ job, edits, silent }: StageProps) {
    const { pane, paneName, go } = useStageAddress<Pane>(PANES, 'steps');
    const [params, setParams] = useSearchParams();
    const [asked, setAsked] = useState<Asked | null>(null);
    const [why, setWhy] = useState<string | null>(null);
    const isNarrow = useNarrow();
    const named = params.get('step');
    const at = useWork(job, named);
    const planned = useStageAnswer(job, 'rig').data;
    const rig = useMemo(() => (planned === undefined ? undefined : { ...planned, steps: stepsNow(planned.steps, at.work) }), [planned, at.work]);
    const steps = rig?.steps ?? [];
    const next = nextOf(at);
    const step = steps.find((one) => one.id === named) ?? (named !== null && isNarrow ? undefined : steps.find((one) => one.id === next[0])) ?? (isNarrow ? undefined : steps[0]);
    const toStep = (id: string | null) =>
        setParams(
            (before) => {
                const to = new URLSearchParams(before);
                to.delete('read');
                if (id === null) {
                    to.delete('step');
                } else {
                    to.set('step', id);
                }
                return to;
            },
            { replace: named !== null && id !== null },
        );
    /** The meter taken into the hand, or laid down: the browser's way back lays it down too. */
    const toReading = (isReading: boolean) =>
        setParams(
            (before) => {
                const to = new URLSearchParams(before);
                if (isReading) {
                    to.set('read', '1');
                } else {
                    to.delete('read');
                }
                return to;
            },
            { replace: !isReading },
        );
    const walk = (by: 1 | -1) => {
        const beside = steps[steps.findIndex((one) => one.id === step?.id) + by];
        if (beside !== undefined) {
            toStep(beside.id);
            document.querySelector(`[data-step="${CSS.escape(beside.id)}"]`)?.scrollIntoView({ block: 'nearest' });
        }
    };
    useStageKeys({ job, panes: PANES, onPane: (to) => go({ pane: to }), edits, onAsk: setAsked }, { j: () => walk(1), k: () => walk(-1), g: () => toStep(next[0] ?? null) });
    if (isNarrow && named !== null && rig !== undefined) {
        const shown = step ?? steps.find((one) => one.id === next[0]);
        if (shown !== undefined) {
            return <StepScreen job={job} rig={rig} at={at} step={shown} onStep={toStep} onList={() => toStep(null)} isReading={params.has('read')} onReading={toReading} />;
        }
    }
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => go({ pane: name }) })),
        ...steps.map((one) => ({ kind: 'step', label: one.says, go: () => toStep(one.id) })),
    ];
    const those: Partial<Record<Pane, (one: RigStep) => boolean>> = { steps: () => true, holds: (one) => one.holds.length > 0, water: (one) => one.where === 'water' };
    const ofPane = those[pane];
    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="rig"
            onAsk={setAsked}
            onWhy={() => go({ pane: 'holds' })}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={[{ figure: why, label: 'this finding' }]} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            asked={<StageDialogs stage="rig" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />}
            on={step?.on[0] ?? 'plan'}
            onSelect={(on) => toStep(steps.find((one) => one.on.includes(on))?.id ?? null)}
            about={<FindingsOn job={job} edits={edits} on={step?.on[0] ?? 'plan'} onWhy={setWhy} onLook={() => undefined} />}
            things={things}
            paneName={paneName}
            drawing={
                <section className={classes.drawing} aria-label="Rig">
                    <Group component="header" gap="4px 24px" mih={32} fz={13}>
                        <strong data-figure="work" role="status" style={{ fontSize: '1rem' }}>
                            {at.work === undefined ? 'Looking where the work stands…' : workWords(at.work)}
                        </strong>
                    </Group>
                    {isNarrow && rig !== undefined && <KeptLine at={at} rig={rig} />}
                    {rig !== undefined && at.work !== undefined && (step ?? steps.find((one) => one.id === next[0])) !== undefined ? (
                        isNarrow ? (
                            <Button fullWidth className={screen.go} data-go-on onClick={() => toStep(next[0] ?? steps[0]?.id ?? null)}>
                                {at.work.done.length === 0 ? 'Begin the work' : 'On with the work'}
                            </Button>
                        ) : (
                            step !== undefined && (
                                <Suspense fallback={null}>
                                    <DeskStep job={job} rig={rig} at={at} step={step} onStep={toStep} />
                                </Suspense>
                            )
                        )
                    ) : null}
                </section>
            }
            lower={
                <Panes panes={PANES} pane={pane} onPane={(to) => go({ pane: to })} counts={at.work === undefined ? {} : { waits: at.work.waits.length }}>
                    <Region label={paneName}>
                        <Suspense fallback={<p>Fetching it…</p>}>
                        {rig === undefined || at.work === undefined ? (
                            <p>Looking where the work stands…</p>
                        ) : ofPane !== undefined ? (
                            <StepsPane job={job} steps={steps.filter(ofPane)} at={at} chosen={step?.id ?? null} onStep={toStep} />
                        ) : pane === 'lists' ? (
                            <ListsPane job={job} />
                        ) : pane === 'owner' ? (
                            <QuestionsPane job={job} work={at.work} steps={steps} onStep={toStep} />
                        ) : pane === 'waits' ? (
                            <WaitsPane steps={steps} work={at.work} onStep={toStep} />
                        ) : (
                            <RecordPane work={at.work} steps={steps} onStep={toStep} />
                        )}
                        </Suspense>
                    </Region>
                </Panes>
            }
        />
    );
}
