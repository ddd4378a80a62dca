import type { Layout, PlannedJob } from '../api/types';
import classes from '../frame/Stage.module.css';
import { Region } from '../look/Region';
import type { PlanEdits } from '../plan/usePlanEdits';
import { BoardsPane } from './BoardsPane';
import { HolesPane } from './HolesPane';
import { MountingPane } from './MountingPane';
import type { Pane } from './panes';
import { RoutesPane } from './RoutesPane';
import { TubesPane } from './TubesPane';

interface OtherPaneProps {
    job: PlannedJob;
    /** what she would be, were what is in hand let go here */
    drafted: PlannedJob['evaluation'] | null;
    layout: Layout;
    edits: PlanEdits;
    pane: Pane;
    paneName: string;
    run: string;
    onRun: (run: string) => void;
    chosen: string;
    onChoose: (part: string) => void;
}

/** Routes, tubes, holes, boards and mounting. */
export function OtherPane({ job, drafted, layout, edits, pane, paneName, run, onRun, chosen, onChoose }: OtherPaneProps) {
    if (pane === 'routes') {
        return (
            <div className={classes.beside}>
                <RoutesPane job={drafted === null ? job : { ...job, evaluation: drafted }} layout={layout} edits={edits} run={run} onRun={onRun} />
            </div>
        );
    }
    if (pane === 'boards') {
        return <BoardsPane job={job} layout={layout} edits={edits} />;
    }
    return (
        <Region label={paneName}>
            {pane === 'tubes' && <TubesPane job={job} layout={layout} run={run} onChoose={onChoose} />}
            {pane === 'mounting' && <MountingPane job={job} layout={layout} edits={edits} chosen={chosen} onChoose={onChoose} />}
            {pane === 'holes' && <HolesPane job={job} layout={layout} edits={edits} />}
        </Region>
    );
}
