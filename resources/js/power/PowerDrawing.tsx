import { Button, Group } from '@mantine/core';

import type { Bench, PlannedJob, WiredBank } from '../api/types';
import { partName } from '../boat/parts';
import { block, feed } from '../boat/planParts';
import { useCatalogue } from '../catalogue/parts';
import { PowerList } from '../drawings/PowerList';
import { PowerTree } from '../drawings/PowerTree';
import { ZoomPane } from '../drawings/ZoomPane';
import { DrawingSwitch } from '../frame/DrawingSwitch';
import classes from '../frame/Stage.module.css';
import { useUpright } from '../look/useNarrow';
import type { PlanEdits } from '../plan/usePlanEdits';
import type { Looked } from '../plan/usePreview';
import { BenchDrawing } from './BenchDrawing';
import { hangBranch } from './branches';
import type { PowerSelection } from './powerSelection';
import { PreviewBanner } from './PreviewBanner';
import type { ProbePlaces } from './Probes';

export type Drawn = 'tree' | 'bench';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    selection: PowerSelection;
    drawing: Drawn;
    onDrawing: (drawing: Drawn) => void;
    onSelect: (on: string) => void;
    onAdd: () => void;
    onSplit: () => void;
    preview: Looked['preview'];
    wired: WiredBank[];
    bench: Bench | undefined;
    /** why there is none */
    benchError: Error | null;
    probes: ProbePlaces;
    onProbe: (which: 'plus' | 'minus', point: string) => void;
    /** steps of the order of connection that are done; null: none is followed */
    done: number | null;
}

/** The drawing of the stage Power: the tree, or the bank on the bench; as it is, or as a change that is looked at would make it. */
export function PowerDrawing({ job, edits, selection, drawing, onDrawing, onSelect, onAdd, onSplit, preview, wired, bench, benchError, probes, onProbe, done }: Props) {
    const catalogue = useCatalogue((job.plan.blocks ?? []).length > 1).data?.parts ?? [];
    const { bank, run, on } = selection;
    const banks = job.plan.banks ?? [];
    const shown = preview === null ? job : { ...job, plan: preview.plan, evaluation: preview.evaluation };
    const shownBank = shown.plan.banks?.find((one) => one.id === bank?.id) ?? bank;
    const shownWired = preview === null ? wired : (preview.drawn.power?.banks ?? []);
    const shownWires = shownWired.find((one) => one.id === shownBank?.id);
    const shownBench = preview === null || bench === undefined || shownWires === undefined ? bench : wiredAs(bench, shownWires);
    const isUpright = useUpright();
    const splits = run !== undefined && (block(job.plan, feed(job.plan, run.id)?.to.block ?? '')?.branches?.length ?? 0) > 1;
    return (
        <section className={classes.drawing} aria-label={drawing === 'tree' ? 'Power tree' : 'Battery bench'}>
            <Group component="header" gap="4px 24px" mih={32} fz={13}>
                <DrawingSwitch drawings={[['tree', 'Power tree'], ['bench', 'On the bench']]} drawing={drawing} onDrawing={onDrawing} />
                {drawing === 'tree' ? (
                    <span className="quiet">line weight is copper, tint is volts</span>
                ) : (
                    <Group component="span" gap={8} role="group" aria-label="Bank on the bench">
                        {banks.map((one) => (
                            <Button key={one.id} size="compact-sm" variant={one.id === bank?.id ? 'filled' : 'outline'} aria-pressed={one.id === bank?.id} onClick={() => onSelect(`bank:${one.id}`)}>
                                {partName(job, `bank:${one.id}`)}
                            </Button>
                        ))}
                    </Group>
                )}
                {job.can_change && (
                    <Group component="span" gap={8} ml="auto">
                        {splits && (
                            <Button size="compact-sm" variant="outline" onClick={onSplit}>
                                Split this feed
                            </Button>
                        )}
                        <Button size="compact-sm" variant="outline" onClick={onAdd}>
                            Add a part
                        </Button>
                    </Group>
                )}
            </Group>
            {preview !== null && <PreviewBanner preview={preview} />}
            {drawing === 'tree' || bank === undefined ? (
                <>
                    {banks.length === 0 && <p>Nothing is planned yet. Begin with a bank: add batteries, then a fuse block, then what it feeds.</p>}
                    {isUpright ? (
                        <PowerList job={shown} selected={on} touched={preview?.touches ?? []} onSelect={onSelect} />
                    ) : (
                        <ZoomPane key="tree" label="Drawing of the power tree">
                        <PowerTree
                            job={shown}
                            wired={shownWired}
                            selected={on}
                            touched={preview?.touches ?? []}
                            onSelect={onSelect}
                            onHang={
                                job.can_change
                                    ? (branch, onto) =>
                                          void edits.submit((now) => {
                                              const patch = hangBranch(now.plan, branch, onto, catalogue);
                                              return patch === null ? null : { patch };
                                          })
                                    : null
                            }
                        />
                        </ZoomPane>
                    )}
                </>
            ) : (
                <div className={classes.tree}>
                    {shownBench === undefined || shownWires === undefined ? (
                        <p>{benchError === null ? 'Fetching the bench…' : benchError.message}</p>
                    ) : (
                        <BenchDrawing job={shown} wired={shownWires} bench={shownBench} edits={edits} probes={probes} done={done === null ? null : Math.min(done, shownBench.order.length)} selected={on} onSelect={onSelect} onProbe={onProbe} />
                    )}
                </div>
            )}
        </section>
    );
}

/** The bench with the wires that a change which is looked at would land. */
function wiredAs(bench: Bench, bank: WiredBank): Bench {
    return { ...bench, wires: bank.wires.map((wire, at) => ({ gauge: '', length_m: 0, drawn_m: null, ...bench.wires[at], ...wire, amps: null })) };
}
