import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { PathDrawing } from '../drawings/PathDrawing';
import type { Findable } from '../frame/Find';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { Tabs } from '../frame/Tabs';
import { useStageKeys } from '../frame/useStageKeys';
import { Findings } from '../plan/Findings';
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
    const [pane, setPane] = useState<Pane>('complaints');
    const [drawing, setDrawing] = useState<'photograph' | 'path'>('photograph');
    const [photograph, setPhotograph] = useState('');
    const [check, setCheck] = useState('');
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<Asked | null>(null);
    const survey = useStageAnswer(job, 'survey');
    const queue = usePhotographQueue(job.id);
    const data = survey.data;
    const photographs = job.plan.survey?.photographs ?? [];
    const checks = job.plan.survey?.path_checks ?? [];
    const shownPhotograph = photographs.find((one) => one.id === photograph) ?? photographs[0];
    const shownCheck = checks.find((one) => one.id === check) ?? checks[0];
    const show = (next: Pane) => {
        setPane(next);
        if (next === 'paths' || next === 'photographs') {
            setDrawing(next === 'paths' ? 'path' : 'photograph');
        }
    };
    const showPart = (on: string) => {
        if (on.startsWith('check:')) {
            setCheck(on.slice('check:'.length));
        }
        show(on.startsWith('check:') ? 'paths' : 'photographs');
    };
    const begin = (complaint: string) => {
        const name = `Path ${checks.length + 1}`;
        void edits.submit(() => ({ propose: { make: 'part', kind: 'check', name: `path ${complaint}`, part: { name, complaint } } })).then((kept) => {
            if (kept) {
                const now = queries.getQueriesData<{ plan: typeof job.plan }>({ queryKey: ['job', String(job.id)] })[0]?.[1]?.plan.survey?.path_checks;
                setCheck(now?.at(-1)?.id ?? '');
                show('paths');
            }
        });
    };
    useStageKeys({ panes: PANES, onPane: show, edits, onAsk: setAsked });
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => show(name) })),
        ...(data?.checks ?? []).map((one) => ({
            kind: 'path',
            label: one.label,
            go: () => {
                setCheck(one.id);
                show('paths');
            },
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
            asked={<StageDialogs stage="survey" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} things={things} />}
        >
            <section className={classes.drawing} aria-label={drawing === 'path' ? 'Path as it was found' : 'Photograph'}>
                <header className={classes.drawingHead}>
                    <h2 className={classes.title}>
                        {(['photograph', 'path'] as const).map((name) => (
                            <button key={name} type="button" className={classes.switch} aria-pressed={drawing === name} onClick={() => setDrawing(name)}>
                                {name === 'path' ? 'Path as found' : 'Photograph'}
                            </button>
                        ))}
                    </h2>
                    <span className="quiet">{drawing === 'path' ? (judged?.label ?? '') : shownPhotograph !== undefined && job.can_change && 'click the picture to set a mark'}</span>
                    <span className={classes.acts}>
                        <a href={`/api/jobs/${job.id}/survey-sheet?units=${system}`}>Survey sheet (PDF)</a>
                    </span>
                </header>
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
            <section className={classes.lower} data-wide>
                <Tabs panes={PANES} pane={pane} onPane={show} counts={{ findings, photographs: photographs.length }} />
                <div className={classes.pane} id="lower-pane" role="tabpanel" aria-labelledby={`tab-${pane}`}>
                    {pane === 'findings' ? (
                        <Findings job={job} edits={edits} stage="survey" onWhy={setWhy} onShow={showPart} onLook={() => undefined} />
                    ) : (
                        <div className={classes.scrolls} tabIndex={0} role="region" aria-label={PANES.find(([name]) => name === pane)?.[1]}>
                            {data !== undefined && pane === 'complaints' && <ComplaintsPane job={job} survey={data} edits={edits} onCheck={begin} />}
                            {data !== undefined && pane === 'batteries' && <BatteriesPane job={job} survey={data} edits={edits} />}
                            {data !== undefined && pane === 'paths' && <PathsPane job={job} survey={data} edits={edits} chosen={shownCheck?.id ?? ''} onChoose={setCheck} />}
                            {data !== undefined && pane === 'photographs' && <PhotographsPane job={job} survey={data} going={queue.going} onSend={(files, of) => queue.send(files, of, '')} onLetGo={queue.letGo} chosen={shownPhotograph?.id ?? ''} onChoose={(id) => { setPhotograph(id); setDrawing('photograph'); }} />}
                        </div>
                    )}
                </div>
            </section>
        </StageFrame>
    );
}
