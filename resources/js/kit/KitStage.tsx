import { Group } from '@mantine/core';
import { useState } from 'react';

import type { KitPiece } from '../api/types';
import { DrawingSwitch } from '../frame/DrawingSwitch';
import { Panes } from '../frame/Panes';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { useToStage } from '../frame/useToStage';
import { Region } from '../look/Region';
import { type Findable } from '../palette/findable';
import { Findings, Missing } from '../plan/Findings';
import { FindingsOn } from '../plan/FindingsOn';
import { useStageAnswer } from '../plan/useStageAnswer';
import { WhyPanel } from '../why/WhyPanel';
import { AboutPiece } from './AboutPiece';
import { DiesPane } from './DiesPane';
import { type Drawn, DRAWINGS, KitDrawing } from './KitDrawing';
import { ListPane } from './ListPane';
import { type Pane, PANES } from './panes';
import { SpoolsPane } from './SpoolsPane';
import { ToolsPane } from './ToolsPane';

/** what a pane is called where it goes out as a table; the list has its links among its acts */
const TABLES: Partial<Record<Pane, string>> = { spools: 'spools', dies: 'ends', tools: 'tools' };

export function KitStage() {
    return <Stage stage="kit">{(props) => <BoatKit {...props} />}</Stage>;
}

/** What the reasons of a kit can be asked for beside one another. */
function askedFigures(piece: KitPiece | undefined, why: string): { figure: string; label: string }[] {
    const known = [
        { figure: 'kit:minutes', label: 'time on the bench' },
        { figure: 'kit:mass', label: 'mass of the wire' },
        ...(piece === undefined ? [] : [{ figure: `piece:${piece.id}:cut_m`, label: 'how long it is cut' }]),
        ...(piece?.ends ?? []).flatMap((end, at) =>
            (['strip', 'sleeve', 'pull'] as const).flatMap((what) => (end[what] === null ? [] : [{ figure: `piece:${piece?.id}:end:${at}:${what}`, label: `${what} at ${end.at}` }])),
        ),
    ];
    return known.some((one) => one.figure === why) ? known : [{ figure: why, label: 'this finding' }, ...known];
}

/** The stage Kit: what lies on the bench before the boat is touched. */
function BoatKit({ job, edits, silent }: StageProps) {
    const { pane, paneName, on: named, drawing, go } = useStageAddress<Pane>(PANES, 'spools');
    const drawn: Drawn = DRAWINGS.find(([name]) => name === drawing)?.[0] ?? 'wires';
    const on = named ?? 'plan';
    const [why, setWhy] = useState<string | null>(null);
    const [asked, setAsked] = useState<Asked | null>(null);
    const [held, setHeld] = useState<string | null>(null);
    const kit = useStageAnswer(job, 'kit').data;
    const toStage = useToStage(job);
    const pieces = kit?.pieces ?? [];
    const ofPart = pieces.filter((piece) => piece.of === on);
    const piece = ofPart.find((one) => one.id === held) ?? ofPart[0];
    const select = (part: string) => go({ on: part });
    const choose = (one: KitPiece) => {
        setHeld(one.id);
        select(one.of);
    };
    const walk = (by: 1 | -1) => {
        const next = pieces[(pieces.findIndex((one) => one.id === piece?.id) + by + pieces.length) % pieces.length];
        if (next !== undefined) {
            choose(next);
            document.querySelector(`[data-piece="${CSS.escape(next.id)}"]`)?.scrollIntoView({ block: 'nearest' });
        }
    };
    useStageKeys({ job, panes: PANES, onPane: (next) => go({ pane: next }), edits, onAsk: setAsked }, { j: () => walk(1), k: () => walk(-1), w: () => setWhy(why === null ? 'kit:minutes' : null) });
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => go({ pane: name }) })),
        ...DRAWINGS.map(([name, label]) => ({ kind: 'show', label, go: () => go({ drawing: name }) })),
        ...pieces.map((one) => ({ kind: 'wire', label: `${one.circuit}: ${one.from} → ${one.to}, ${one.wire}`, go: () => choose(one) })),
    ];
    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="kit"
            onAsk={setAsked}
            onWhy={() => go({ pane: 'findings' })}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={askedFigures(piece, why)} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            asked={<StageDialogs stage="kit" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />}
            on={on}
            onSelect={select}
            about={
                <>
                    {piece !== undefined && <AboutPiece job={job} edits={edits} piece={piece} onWhy={setWhy} onPower={() => toStage('power')} />}
                    <FindingsOn job={job} edits={edits} on={on} onWhy={setWhy} onLook={() => undefined} />
                </>
            }
            things={things}
            paneName={paneName}
            drawing={
                <section className={classes.drawing} aria-label="Kit">
                    <Group component="header" gap="4px 24px" mih={32} fz={13}>
                        <DrawingSwitch drawings={DRAWINGS} drawing={drawn} onDrawing={(next) => go({ drawing: next })} />
                        <strong data-figure="kit" role="status" style={{ fontSize: '1rem' }}>
                            {kit?.says ?? 'Laying it out…'}
                        </strong>
                    </Group>
                    <div className={classes.tree} tabIndex={0} role="region" aria-label="Drawing of the kit">
                        <KitDrawing job={job} drawn={drawn} pieces={pieces} piece={piece} on={on} onSelect={select} onChoose={choose} />
                    </div>
                </section>
            }
            lower={
                <Panes panes={PANES} pane={pane} onPane={(next) => go({ pane: next })} counts={{ findings: job.evaluation.findings.filter((one) => one.stage === 'kit').length, measures: kit?.asks.length ?? 0 }}>
                    {pane === 'findings' ? (
                        <Findings job={job} edits={edits} stage="kit" onWhy={setWhy} onShow={select} onLook={() => undefined} />
                    ) : (
                        <Region label={paneName}>
                            {kit === undefined ? (
                                <p>Laying it out…</p>
                            ) : (
                                <>
                                    {pane === 'spools' && <SpoolsPane kit={kit} chosen={piece?.id ?? null} onChoose={choose} />}
                                    {pane === 'dies' && <DiesPane kit={kit} onChoose={choose} />}
                                    {pane === 'list' && <ListPane job={job} kit={kit} onChoose={choose} onSelect={select} />}
                                    {pane === 'tools' && <ToolsPane kit={kit} />}
                                    {TABLES[pane] !== undefined && (
                                        <p>
                                            <a href={`/api/jobs/${job.id}/kit/tables/${TABLES[pane]}`}>As a table (CSV)</a>
                                        </p>
                                    )}
                                    {pane === 'measures' &&
                                        (kit.asks.length === 0 ? (
                                            <p>Nothing: every stud and length is known.</p>
                                        ) : (
                                            <ul className="bare">
                                                {kit.asks.map((ask) => (
                                                    <Missing key={`${ask.on} ${ask.needs}`} job={job} rule={ask} edits={edits} />
                                                ))}
                                            </ul>
                                        ))}
                                </>
                            )}
                        </Region>
                    )}
                </Panes>
            }
        />
    );
}
