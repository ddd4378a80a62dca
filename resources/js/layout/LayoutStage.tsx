import { Group, Title } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';

import { BoatPlan } from '../drawings/BoatPlan';
import { ZoomPane } from '../drawings/ZoomPane';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { Region } from '../look/Region';
import { useNarrow } from '../look/useNarrow';
import { Panes } from '../frame/Panes';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { type Findable } from '../palette/findable';
import { Findings } from '../plan/Findings';
import { FindingsOn } from '../plan/FindingsOn';
import { HullFields } from '../plan/HullFields';
import { useStageAnswer } from '../plan/useStageAnswer';
import { Draft } from '../plan/Draft';
import { usePreview } from '../plan/usePreview';
import { WhyPanel } from '../why/WhyPanel';
import { bent, moved, placed, seated } from './drawingEdits';
import { type Pane, PANES } from './panes';
import { PlacesPane } from './PlacesPane';
import { partOf } from '../boat/planParts';
import { stationName } from '../boat/stationName';

/** The panes that do not stand there from the first: a script that the drawing does not wait for. */
export const otherPanes = () => import('./OtherPane');
const OtherPane = lazy(async () => ({ default: (await otherPanes()).OtherPane }));

export function LayoutStage() {
    return <Stage stage="layout">{(props) => <BoatLayout {...props} />}</Stage>;
}

/** The stage Layout: the boat from above, and below it where everything goes. */
function BoatLayout({ job, edits, silent }: StageProps) {
    const circuits = job.evaluation.runs.filter((run) => run.of !== 'lead');
    const { pane, paneName, on: named, go } = useStageAddress<Pane>(PANES, 'places');
    const on = named ?? 'plan';
    // What is in hand may be no run: routes and tubes go on about the last one.
    const [last, setLast] = useState(circuits[0]?.id ?? '');
    const held = circuits.find((one) => partOf(one) === on)?.id;
    const run = held ?? last;
    const setRun = (id: string, to?: Pane, quietly = false) => {
        const found = circuits.find((one) => one.id === id);
        setLast(id);
        go({ ...(found === undefined ? {} : { on: partOf(found) }), ...(to === undefined ? {} : { pane: to }) }, quietly);
    };
    const setPane = (next: Pane) => go({ pane: next });
    const choose = (part: string) => go({ on: part });
    const isNarrow = useNarrow();
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<Asked | null>(null);
    // The other routes of a run are sized only where they are shown.
    const layout = useStageAnswer(job, 'layout');
    const { preview, look } = usePreview(job, '');
    const data = layout.data;
    const lit = pane === 'routes' || pane === 'tubes' ? (data?.runs.find((one) => one.id === run)?.ways ?? []) : [];
    const walk = (by: 1 | -1) => {
        const at = circuits.findIndex((one) => one.id === run);
        setRun(circuits[(at + by + circuits.length) % circuits.length]?.id ?? '', undefined, true);
    };
    const show = (part: string) => {
        const [kind] = part.split(':');
        go({ on: part, pane: kind === 'feed' || kind === 'branch' ? 'routes' : kind === 'hole' ? 'holes' : kind === 'device' ? 'mounting' : kind === 'way' ? 'tubes' : 'places' });
    };
    useStageKeys({ job, panes: PANES, onPane: setPane, edits, onAsk: setAsked }, {
        j: () => walk(1),
        k: () => walk(-1),
    });
    const things: Findable[] = [
        ...(job.plan.boat?.stations ?? []).map((station) => ({ kind: 'station', label: stationName(job, station.id), go: () => show(`station:${station.id}`) })),
        ...circuits.map((one) => ({
            kind: one.of,
            label: one.label,
            go: () => setRun(one.id, 'routes'),
        })),
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => setPane(name) })),
    ];
    const findings = job.evaluation.findings.filter((finding) => finding.stage === 'layout').length;
    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="layout"
            onAsk={setAsked}
            onWhy={() => setPane('findings')}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={[{ figure: why, label: 'this finding' }]} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            on={on}
            onSelect={choose}
            about={<FindingsOn job={job} edits={edits} on={on} onWhy={setWhy} onLook={() => undefined} />}
            things={things}
            paneName={paneName}
            asked={<StageDialogs stage="layout" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />}
            drawing={
            <section className={classes.drawing} aria-label="Boat plan">
                <Group component="header" gap="4px 24px" mih={32} fz={13}>
                    <Title order={2} size={18}>Boat plan</Title>
                    {preview !== null && <Draft preview={preview} />}
                    {data?.hull === null && (job.plan.boat?.stations ?? []).length > 0 && <HullFields job={job} edits={edits} />}
                    <span className="quiet" hidden={preview !== null && !isNarrow}>{data?.hull === null ? 'say what she is, and she is drawn to scale' : `to scale; ${isNarrow ? 'rest a finger on a station, a bend or a device, then draw it along' : 'drag a station, a bend or a device, or take it and press the arrows'}`}</span>
                </Group>
                <div className={classes.tree}>
                    {data === undefined ? (
                        <p>{layout.error === null ? 'Fetching the boat plan…' : layout.error.message}</p>
                    ) : data.hull === null && (job.plan.boat?.stations ?? []).length === 0 ? (
                        <HullFields job={job} edits={edits} />
                    ) : (
                        <ZoomPane label="Drawing of the boat plan">
                        <BoatPlan
                            job={job}
                            layout={data}
                            lit={lit}
                            chosen={on}
                            onChoose={choose}
                            onDraft={(draft) => look(draft === null ? null : [draft])}
                            drafted={preview?.plan ?? null}
                            acts={
                                job.can_change
                                    ? {
                                          move: (station, to) => void edits.submit((now) => moved(now, station, to)),
                                          bend: (way, bends) => void edits.submit((now) => bent(now, way, bends)),
                                          place: (device, to) => void edits.submit((now) => placed(now, device, to)),
                                          seat: (device, station) => void edits.submit(() => seated(device, station)),
                                      }
                                    : null
                            }
                        />
                        </ZoomPane>
                    )}
                </div>
            </section>
            }
            lower={
            <Panes panes={PANES} pane={pane} onPane={setPane} counts={{ findings }} about={circuits.find((one) => one.id === run)?.label}>
                {data !== undefined && pane === 'places' && (
                    <Region label={paneName}>
                        <PlacesPane job={job} layout={data} edits={edits} chosen={on} onChoose={choose} />
                    </Region>
                )}
                {data !== undefined && pane !== 'places' && pane !== 'findings' && (
                    <Suspense fallback={null}>
                        <OtherPane job={job} drafted={preview?.evaluation ?? null} layout={data} edits={edits} pane={pane} paneName={paneName} run={run} onRun={setRun} chosen={on} onChoose={choose} />
                    </Suspense>
                )}
                {pane === 'findings' && <Findings job={job} edits={edits} stage="layout" onWhy={setWhy} onShow={show} onLook={() => undefined} />}
            </Panes>
            }
        />
    );
}
