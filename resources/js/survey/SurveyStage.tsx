import { Group } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { PathDrawing } from '../drawings/PathDrawing';
import { Stage, type StageProps } from '../frame/Stage';
import { DrawingSwitch } from '../frame/DrawingSwitch';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { Region } from '../look/Region';
import { Panes } from '../frame/Panes';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { type Findable } from '../palette/findable';
import { Findings } from '../plan/Findings';
import { FindingsOn } from '../plan/FindingsOn';
import { WhyPanel } from '../why/WhyPanel';
import { useUnits } from '../units/units';
import { BatteriesPane } from './BatteriesPane';
import { ComplaintsPane } from './ComplaintsPane';
import { type Pane, PANES } from './panes';
import { PathsPane } from './PathsPane';
import { PhotographsPane } from './PhotographsPane';
import { PhotographView } from './PhotographView';
import { usePhotographQueue } from '../photographs/PhotographQueue';
import { useStageAnswer } from '../plan/useStageAnswer';

export function SurveyStage() {
    return <Stage stage="survey">{(props) => <BoatSurvey {...props} />}</Stage>;
}

/** The stage Survey: the boat as it came, photographed and measured before anything is touched. */
function BoatSurvey({ job, edits, silent }: StageProps) {
    const { system } = useUnits();
    const queries = useQueryClient();
    const { pane, paneName, on: named, drawing: drawn, go } = useStageAddress<Pane>(PANES, 'complaints');
    const on = named ?? 'plan';
    const drawing = drawn === 'path' ? 'path' : 'photograph';
    const [kind, id] = on.split(':');
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<Asked | null>(null);
    const survey = useStageAnswer(job, 'survey');
    const queue = usePhotographQueue(job.id);
    const data = survey.data;
    const photographs = job.plan.survey?.photographs ?? [];
    const checks = job.plan.survey?.path_checks ?? [];
    const shownPhotograph = photographs.find((one) => kind === 'photograph' && one.id === id) ?? photographs[0];
    const shownCheck = checks.find((one) => kind === 'check' && one.id === id) ?? checks[0];
    const show = (next: Pane, part?: string) => go({ pane: next, ...(part === undefined ? {} : { on: part }), ...(next === 'paths' || next === 'photographs' ? { drawing: next === 'paths' ? 'path' : 'photograph' } : {}) });
    const choose = (part: string) => go({ on: part, ...(part.startsWith('check:') ? { drawing: 'path' } : part.startsWith('photograph:') ? { drawing: 'photograph' } : {}) });
    const showPart = (part: string) => show(part.startsWith('check:') ? 'paths' : 'photographs', part);
    const begin = (complaint: string) => {
        const name = `Path ${checks.length + 1}`;
        void edits.submit(() => ({ propose: { make: 'part', kind: 'check', name: `path ${complaint}`, part: { name, complaint } } })).then((kept) => {
            if (kept) {
                const now = queries.getQueriesData<{ plan: typeof job.plan }>({ queryKey: ['job', String(job.id)] })[0]?.[1]?.plan.survey?.path_checks;
                show('paths', `check:${now?.at(-1)?.id ?? ''}`);
            }
        });
    };
    useStageKeys({ job, panes: PANES, onPane: (next) => show(next), edits, onAsk: setAsked });
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => show(name) })),
        ...(data?.checks ?? []).map((one) => ({
            kind: 'path',
            label: one.label,
            go: () => show('paths', `check:${one.id}`),
        })),
    ];
    const findings = job.evaluation.findings.filter((finding) => finding.stage === 'survey').length;
    const judged = data?.checks.find((one) => one.id === shownCheck?.id);
    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="survey"
            onAsk={setAsked}
            onWhy={() => show('findings')}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={[{ figure: why, label: 'this finding' }]} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            asked={<StageDialogs stage="survey" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />}
            on={on}
            onSelect={choose}
            about={<FindingsOn job={job} edits={edits} on={on} onWhy={setWhy} onLook={() => undefined} />}
            things={things}
            paneName={paneName}
            drawing={
            <section className={classes.drawing} aria-label={drawing === 'path' ? 'Path as it was found' : 'Photograph'}>
                <Group component="header" gap="4px 24px" mih={32} fz={13}>
                    <DrawingSwitch drawings={[['photograph', 'Photograph'], ['path', 'Path as found']]} drawing={drawing} onDrawing={(next) => go({ drawing: next })} />
                    <span className="quiet">{drawing === 'path' ? (judged?.label ?? '') : shownPhotograph !== undefined && job.can_change && 'press the picture to set a mark'}</span>
                    <Group component="span" gap={8} ml="auto">
                        <a href={`/api/jobs/${job.id}/survey-sheet?units=${system}`}>Survey sheet (PDF)</a>
                    </Group>
                </Group>
                <div className={classes.tree}>
                    {drawing === 'path' ? (
                        shownCheck === undefined ? <p>No path was checked yet.</p> : <PathDrawing check={shownCheck} judged={judged} />
                    ) : data === undefined || shownPhotograph === undefined ? (
                        <p>{survey.error !== null ? survey.error.message : data === undefined ? 'Fetching the survey…' : 'No photograph yet. Take one of every compartment and every battery post before anything is unhooked.'}</p>
                    ) : (
                        <PhotographView key={shownPhotograph.id} job={job} survey={data} photograph={shownPhotograph} edits={edits} />
                    )}
                </div>
            </section>
            }
            lower={
            <Panes panes={PANES} pane={pane} onPane={(next) => show(next)} counts={{ findings, photographs: photographs.length }}>
                    {pane === 'findings' ? (
                        <Findings job={job} edits={edits} stage="survey" onWhy={setWhy} onShow={showPart} onLook={() => undefined} />
                    ) : (
                        <Region label={paneName}>
                            {data !== undefined && pane === 'complaints' && <ComplaintsPane job={job} survey={data} edits={edits} onCheck={begin} />}
                            {data !== undefined && pane === 'batteries' && <BatteriesPane job={job} survey={data} edits={edits} />}
                            {data !== undefined && pane === 'paths' && <PathsPane job={job} survey={data} edits={edits} chosen={shownCheck?.id ?? ''} onChoose={(one) => choose(`check:${one}`)} />}
                            {data !== undefined && pane === 'photographs' && <PhotographsPane job={job} survey={data} edits={edits} going={queue.going} onSend={(files, of) => queue.send(files, of, '')} onLetGo={queue.letGo} chosen={shownPhotograph?.id ?? ''} onChoose={(one) => choose(`photograph:${one}`)} />}
                        </Region>
                    )}
            </Panes>
            }
        />
    );
}
