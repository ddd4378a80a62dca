import { lazy, Suspense } from 'react';

import type { Bank, Bench, PatchStep, PlannedJob, Profile, Run, WiredBank } from '../api/types';
import { Panes } from '../frame/Panes';
import { Findings } from '../plan/Findings';
import type { PlanEdits } from '../plan/usePlanEdits';
import { type Pane, PANES } from './panes';
import type { First } from '../plan/useBench';

/** Tables and drawings of the other panes: a script that the findings do not wait for. */
export const otherPanes = () => import('./OtherPane');
const OtherPane = lazy(async () => ({ default: (await otherPanes()).OtherPane }));
const Readings = lazy(async () => ({ default: (await otherPanes()).Readings }));

export interface LowerPaneProps {
    job: PlannedJob;
    edits: PlanEdits;
    pane: Pane;
    onPane: (pane: Pane) => void;
    selected: Run | undefined;
    /** the part, as "feed:house" */
    onSelect: (on: string) => void;
    profile: Profile | undefined;
    /** devices behind the selected run, whose profile can be drawn */
    watchable: string[];
    onWatch: (device: string) => void;
    bank: Bank | undefined;
    bench: Bench | undefined;
    /** where the wires of the bank are landed; undefined: not known yet */
    wired: WiredBank | undefined;
    done: number;
    onDone: (steps: number) => void;
    onFirst: (first: First) => void;
    onShow: (on: string) => void;
    onLook: (patch: PatchStep[] | null) => void;
    onWhy: (figure: string) => void;
}

/** The panes below the drawing, and beside the bench the readings. */
export function LowerPane(props: LowerPaneProps) {
    const { job, edits, pane, onPane, selected, onShow, onLook, onWhy } = props;
    const readings = (
        <Suspense fallback={null}>
            <Readings job={job} edits={edits} />
        </Suspense>
    );
    return (
        <Panes panes={PANES} pane={pane} onPane={onPane} counts={{ findings: job.evaluation.findings.length }} about={selected?.label} beside={pane === 'bench' ? readings : undefined}>
            {pane === 'findings' ? (
                <Findings job={job} edits={edits} onWhy={onWhy} onShow={onShow} onLook={onLook} />
            ) : (
                <Suspense fallback={null}>
                    <OtherPane {...props} />
                </Suspense>
            )}
        </Panes>
    );
}
