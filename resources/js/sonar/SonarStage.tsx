import { Button, Group, Title } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';

import { partName, partsOf } from '../boat/parts';
import { SonarList } from '../drawings/SonarList';
import { SonarMap } from '../drawings/SonarMap';
import { TrunkDrawing } from '../drawings/TrunkDrawing';
import { ZoomPane } from '../drawings/ZoomPane';
import { DrawingSwitch } from '../frame/DrawingSwitch';
import { Panes } from '../frame/Panes';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { useNarrow, useUpright } from '../look/useNarrow';
import { Region } from '../look/Region';
import { type Findable } from '../palette/findable';
import { Findings } from '../plan/Findings';
import { useStageAnswer } from '../plan/useStageAnswer';
import { FindingsOn } from '../plan/FindingsOn';
import { Draft } from '../plan/Draft';
import { usePreview } from '../plan/usePreview';
import { WhyPanel } from '../why/WhyPanel';
import { BackbonePane } from './BackbonePane';
import { KINDS_HERE, type Pane, PANES } from './panes';
import { PlugsPane } from './PlugsPane';
import { PortsPane } from './PortsPane';
import { PullingPane } from './PullingPane';
import { SeesPane } from './SeesPane';
import { SensePane } from './SensePane';
import { ToOrder } from './ToOrder';

/** The panes that do not stand there from the first: a script that the map does not wait for. */
export const otherPanes = () => import('./otherPanes');
const ComparePane = lazy(async () => ({ default: (await otherPanes()).ComparePane }));
const InstrumentsPane = lazy(async () => ({ default: (await otherPanes()).InstrumentsPane }));
const PinsPane = lazy(async () => ({ default: (await otherPanes()).PinsPane }));
const AddPart = lazy(async () => ({ default: (await import('../add/AddPart')).AddPart }));

/** Rules that a part of the catalogue may put right: ports that run out, plugs that do not join, cables that do not reach. */
const ORDERED = ['N01', 'N02', 'N08'];

/** Panes that have something to show before anything of sonar is planned. */
const STAND_ALONE: Pane[] = ['pins', 'instruments', 'compare'];

export function SonarStage() {
    return <Stage stage="sonar">{(props) => <BoatSonar {...props} />}</Stage>;
}

/** The stage Sonar: which screen sees what, over which cable and plug. */
function BoatSonar({ job, edits, silent }: StageProps) {
    const { pane, paneName, on: named, drawing: drawn, go } = useStageAddress<Pane>(PANES, 'findings');
    const network = job.evaluation.network;
    const sonar = useStageAnswer(job, 'sonar').data;
    const orders = sonar?.orders ?? [];
    const backbones = job.plan.network?.backbones ?? [];
    const on = named ?? 'plan';
    const drawing = drawn === 'backbone' && backbones.length > 0 ? 'backbone' : 'map';
    const backbone = backbones.find(({ id }) => on === `backbone:${id}`) ?? backbones[0];
    const isUpright = useUpright();
    const isNarrow = useNarrow();
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<Asked | null>(null);
    const [isAdding, setAdding] = useState(false);
    const { preview, look } = usePreview(job, '');
    const choose = (part: string) => go({ on: part, ...(part.startsWith('backbone:') ? { drawing: 'backbone' } : {}) });
    const show = (part: string) => go({ on: part, ...(part.startsWith('backbone:') ? { drawing: 'backbone', pane: 'backbone' } : { drawing: 'map', ...(part.startsWith('terminal-block:') ? { pane: 'pins' } : {}) }) });
    const add = () => job.can_change && setAdding(true);
    useStageKeys({ job, panes: PANES, onPane: (next) => go({ pane: next }), edits, onAsk: setAsked }, { a: add });
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => go({ pane: name }) })),
        ...KINDS_HERE.flatMap((kind) => partsOf(job.plan, kind).map(({ id }) => ({ kind, label: partName(job, `${kind}:${id}`), go: () => show(`${kind}:${id}`) }))),
    ];
    const findings = job.evaluation.findings.filter((finding) => finding.stage === 'sonar').length;
    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="sonar"
            onAsk={setAsked}
            onWhy={() => go({ pane: 'findings' })}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={[{ figure: why, label: 'this finding' }]} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            asked={
                <>
                    <StageDialogs stage="sonar" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />
                    <Suspense fallback={null}>{isAdding && <AddPart opened onClose={() => setAdding(false)} job={job} edits={edits} made={KINDS_HERE} />}</Suspense>
                </>
            }
            on={on}
            onSelect={choose}
            about={
                <>
                    <FindingsOn job={job} edits={edits} on={on} onWhy={setWhy} onLook={() => undefined} />
                    <ToOrder job={job} edits={edits} orders={orders.filter((order) => order.on === on)} />
                </>
            }
            things={things}
            paneName={paneName}
            drawing={
                <section className={classes.drawing} aria-label={drawing === 'map' ? 'Sonar map' : 'Backbone'}>
                    <Group component="header" gap="4px 24px" mih={32} fz={13}>
                        {backbones.length === 0 ? <Title order={2} size={18}>Sonar map</Title> : <DrawingSwitch drawings={[['map', 'Sonar map'], ['backbone', 'Backbone']]} drawing={drawing} onDrawing={(next) => go({ drawing: next })} />}
                        {preview !== null && <Draft preview={preview} />}
                        <span className="quiet" hidden={preview !== null && !isNarrow}>{drawing === 'map' ? (isUpright ? '' : 'devices from behind; a tick is a metre of cable; what is free is hollow') : 'the trunk to scale, drops at their tees; drag the power, or take it and press the arrows'}</span>
                        {job.can_change && (
                            <Button size="compact-sm" variant="outline" ml="auto" onClick={add}>
                                Add a part
                            </Button>
                        )}
                    </Group>
                    <div className={classes.tree}>
                        {network === undefined ? (
                            <p>Nothing of sonar and data is planned yet. Add a transducer, and say which socket it is plugged into; sockets and ports belong to the screens and boxes put in at Power.</p>
                        ) : isUpright && (drawing === 'map' || backbone === undefined) ? (
                            <SonarList job={job} selected={on} onSelect={choose} />
                        ) : (
                            <ZoomPane label={drawing === 'map' ? 'Drawing of the sonar map' : 'Drawing of the backbone'}>
                                {drawing === 'map' || backbone === undefined ? <SonarMap job={job} selected={on} onSelect={choose} slips={sonar?.slips ?? []} /> : <TrunkDrawing job={job} backbone={backbone} judged={(preview?.evaluation.network ?? network).backbones.find(({ id }) => id === backbone.id)} onMove={job.can_change ? (patch) => void edits.submit(() => ({ patch })) : null} onDraft={look} />}
                            </ZoomPane>
                        )}
                    </div>
                </section>
            }
            lower={
                <Panes panes={PANES} pane={pane} onPane={(next) => go({ pane: next })} counts={{ findings }}>
                    {pane === 'findings' ? (
                        <Findings
                            job={job}
                            edits={edits}
                            stage="sonar"
                            onWhy={setWhy}
                            onShow={show}
                            onLook={() => undefined}
                            beneath={({ rule, on: about }) => ORDERED.includes(rule) && <ToOrder job={job} edits={edits} orders={orders.filter((order) => order.on === about)} />}
                        />
                    ) : (
                        <Region label={paneName}>
                            <Suspense fallback={null}>
                            {pane === 'pins' && <PinsPane job={job} edits={edits} slips={sonar?.slips ?? []} />}
                            {pane === 'instruments' && <InstrumentsPane job={job} edits={edits} />}
                            {pane === 'compare' && <ComparePane job={job} edits={edits} onSelect={choose} />}
                            </Suspense>
                            {network === undefined ? !STAND_ALONE.includes(pane) && <p>Nothing of sonar and data is planned yet.</p> : (
                                <>
                                    {pane === 'sees' && <SeesPane job={job} network={network} sonar={sonar} onSelect={choose} />}
                                    {pane === 'plugs' && <PlugsPane job={job} network={network} onSelect={choose} />}
                                    {pane === 'sense' && sonar !== undefined && <SensePane job={job} sonar={sonar} />}
                                    {pane === 'pulling' && sonar !== undefined && <PullingPane job={job} sonar={sonar} onSelect={choose} />}
                                    {pane === 'ports' && <PortsPane job={job} network={network} onSelect={choose} />}
                                    {pane === 'backbone' && <BackbonePane job={job} network={network} sonar={sonar} edits={edits} onSelect={choose} />}
                                </>
                            )}
                        </Region>
                    )}
                </Panes>
            }
        />
    );
}
