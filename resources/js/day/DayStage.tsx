import { Group, Title } from '@mantine/core';
import { useState } from 'react';

import type { PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { DayStrip } from '../drawings/DayStrip';
import { LETTERS } from '../drawings/dayStripLayout';
import { ZoomPane } from '../drawings/ZoomPane';
import { Panes } from '../frame/Panes';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { Region } from '../look/Region';
import { useNarrow } from '../look/useNarrow';
import { type Findable } from '../palette/findable';
import { Findings } from '../plan/Findings';
import { FindingsOn } from '../plan/FindingsOn';
import { useStageAnswer } from '../plan/useStageAnswer';
import { useUnits } from '../units/units';
import { WhyPanel } from '../why/WhyPanel';
import { ChargePane } from './ChargePane';
import { DevicesPane } from './DevicesPane';
import { EnergyPane } from './EnergyPane';
import { LayUpPane } from './LayUpPane';
import { type LiveReading } from './LiveMonitor';
import { MonitorPane } from './MonitorPane';
import { MotorsTable } from './MotorsTable';
import { NightPane } from './NightPane';
import { type Pane, PANES } from './panes';
import { hoursOf, movedTo, STEP_H, withPhase, withPhasesOf, written } from './phases';
import { PhasesPane } from './PhasesPane';
import { SuppliesTable } from './SuppliesTable';
import { SwapTable } from './SwapTable';
import { useDayVariants } from './useDayVariants';
import { type LogChoice, useMonitorLog } from './useMonitorLog';
import { VariantsPane } from './VariantsPane';

export function DayStage() {
    return <Stage stage="day">{(props) => <BoatDay {...props} />}</Stage>;
}

/** The stage Day: how long it lasts, and what gives out first. */
function BoatDay({ job, edits, silent }: StageProps) {
    const { pane, paneName, on: named, go } = useStageAddress<Pane>(PANES, 'findings');
    const { system } = useUnits();
    const on = named ?? 'plan';
    const isNarrow = useNarrow();
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<Asked | null>(null);
    const [wanted, setWanted] = useState<number | null>(null);
    const [over, setOver] = useState<string[]>([]);
    const answer = useStageAnswer(job, 'day');
    const variants = useDayVariants(job, wanted);
    const [live, setLive] = useState(false);
    const [reading, setReading] = useState<LiveReading | null>(null);
    const [chosen, setChosen] = useState<LogChoice | null>(null);
    const log = useMonitorLog(job, chosen);
    const day = answer.data;
    const run = day?.run ?? null;
    const isOld = answer.isPlaceholderData;
    const shown = run !== null && isOld ? withPhasesOf(job.plan, run) : run;
    useStageKeys({ job, panes: PANES, onPane: (next) => go({ pane: next }), edits, onAsk: setAsked });
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => go({ pane: name }) })),
        ...(run?.devices ?? []).map(({ id }) => ({ kind: 'device', label: partName(job, `device:${id}`), go: () => go({ on: `device:${id}`, pane: 'devices' }) })),
    ];
    // What is said of the day comes with it, and not with every change.
    const judged: PlannedJob = { ...job, evaluation: { ...job.evaluation, findings: [...job.evaluation.findings, ...(day?.findings ?? [])], unchecked: [...job.evaluation.unchecked, ...(day?.unchecked ?? [])] } };
    const select = (part: string) => go({ on: part });
    const laid = [
        ...over.flatMap((name, at) => {
            const variant = variants.data?.variants.find((one) => one.name === name);
            const lines = variant?.figures?.lines ?? null;
            return variant === undefined || lines === null ? [] : [{ letter: LETTERS[at] ?? '', says: variant.says, lines }];
        }),
        ...(chosen === null || log.data === undefined ? [] : [{ letter: 'measured:', says: `What the log ${chosen.name} says`, lines: log.data.lines }]),
    ];
    const stretch = (which: number, by: number) => void edits.submit((now) => withPhase(now.plan, which, (phase) => ({ hours: written(Math.max(STEP_H, hoursOf(phase) + by)) })));
    const move = (which: number, to: number) => void edits.submit((now) => movedTo(now.plan, which, to));
    const isRun = day !== undefined && !isOld && run !== null;
    return (
        <StageFrame
            job={{ ...job, verdict: isRun ? day.verdict : job.verdict, stages: job.stages.map((one) => (one.stage === 'day' && isRun ? { ...one, says: day.stands } : one)) }}
            edits={edits}
            silent={silent}
            stage="day"
            onAsk={setAsked}
            onWhy={() => go({ pane: 'findings' })}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={[{ figure: why, label: 'this finding' }]} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            asked={<StageDialogs stage="day" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />}
            on={on}
            onSelect={select}
            about={<FindingsOn job={judged} edits={edits} on={on} onWhy={setWhy} onLook={() => undefined} />}
            things={things}
            paneName={paneName}
            drawing={
                <section className={classes.drawing} aria-label="Day strip">
                    <Group component="header" gap="4px 24px" mih={32} fz={13}>
                        <Title order={2} size={18}>
                            Day strip
                        </Title>
                        <strong data-figure="day" role="status" style={{ fontSize: '1rem' }}>
                            {answer.error !== null ? answer.error.message : day === undefined || isOld ? 'Computing the day…' : day.says}
                        </strong>
                        {run !== null && <a href={`/api/jobs/${job.id}/day-sheet?units=${system}`}>Day sheet (PDF)</a>}
                        {run !== null && job.can_change && <span className="quiet">{isNarrow ? 'rest a finger on a phase or its end, then draw it along' : 'drag a phase or its end, or take either and press the arrows'}</span>}
                    </Group>
                    <div className={classes.tree}>
                        {shown === null ? (
                            <p>{day === undefined ? 'Computing the day…' : day.says}</p>
                        ) : (
                            <ZoomPane label="Drawing of the day strip">
                                <DayStrip job={job} run={shown} turn={day?.turn_home_min ?? null} onStretch={job.can_change ? stretch : null} onMove={move} step={STEP_H} over={laid} live={pane === 'monitor' ? reading : null} isOld={isOld} />
                            </ZoomPane>
                        )}
                    </div>
                </section>
            }
            lower={
                <Panes panes={PANES} pane={pane} onPane={(next) => go({ pane: next })} counts={{ findings: day?.findings.length ?? 0 }}>
                    {pane === 'findings' ? (
                        <Findings job={judged} edits={edits} stage="day" onWhy={setWhy} onShow={select} onLook={() => undefined} />
                    ) : (
                        <Region label={paneName}>
                            {pane === 'phases' && <PhasesPane job={job} edits={edits} />}
                            {pane === 'lay-up' && day !== undefined && <LayUpPane job={job} banks={day.lay_up} onSelect={select} />}
                            {pane === 'monitor' && day !== undefined && <MonitorPane job={job} edits={edits} monitors={day.monitors} choice={chosen} onChoice={setChosen} log={log.data} problem={log.error?.message ?? null} live={live} onLive={setLive} onReading={setReading} onSelect={select} />}
                            {pane === 'hours' && (
                                <VariantsPane
                                    job={job}
                                    edits={edits}
                                    asked={wanted}
                                    planned={run?.hours ?? 0}
                                    onAsk={(hours) => {
                                        setWanted(hours);
                                        setOver([]);
                                    }}
                                    answer={variants.data}
                                    problem={variants.error?.message ?? null}
                                    over={over}
                                    onOver={setOver}
                                />
                            )}
                            {run === null ? !['phases', 'lay-up', 'hours', 'monitor'].includes(pane) && <p>{day === undefined ? 'Computing the day…' : day.says}</p> : (
                                <>
                                    {pane === 'charge' && (
                                        <>
                                            <ChargePane job={job} run={run} onSelect={select} />
                                            {(day?.swaps.length ?? 0) > 0 && <SwapTable job={job} swaps={day?.swaps ?? []} />}
                                        </>
                                    )}
                                    {pane === 'devices' && (
                                        <>
                                            <DevicesPane job={job} run={run} onSelect={select} />
                                            {(day?.motors.length ?? 0) > 0 && <MotorsTable job={job} motors={day?.motors ?? []} />}
                                        </>
                                    )}
                                    {pane === 'hours' && <SuppliesTable job={job} edits={edits} starts={run.starts_min} />}
                                    {pane === 'energy' && <EnergyPane run={run} />}
                                    {pane === 'night' && day?.night != null && <NightPane job={job} night={day.night} run={run} onSelect={select} />}
                                </>
                            )}
                        </Region>
                    )}
                </Panes>
            }
        />
    );
}
