import type { PlannedJob } from '../api/types';
import { redone, undone } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useShortcuts } from '../keys/shortcuts';
import type { Asked } from './StageDialogs';
import { useToStage } from './useToStage';

interface Stage<T extends string> {
    job: PlannedJob;
    panes: readonly (readonly [name: T, label: string, key: string])[];
    onPane: (pane: T) => void;
    edits: PlanEdits;
    onAsk: (asked: Asked) => void;
}

/** The keys that every stage has: the stages by number, its panes by letter, undo and redo, log, keys; and its own. */
export function useStageKeys<T extends string>({ job, panes, onPane, edits, onAsk }: Stage<T>, own: Record<string, () => void> = {}): void {
    const to = useToStage(job);
    const undo = () => void edits.submit(undone);
    const redo = () => void edits.submit(redone);
    useShortcuts({
        ...Object.fromEntries(job.stages.slice(0, 10).map(({ stage }, at) => [String((at + 1) % 10), () => to(stage)])),
        ...Object.fromEntries(panes.map(([name, , key]) => [key, () => onPane(name)])),
        z: undo,
        undo,
        y: redo,
        redo,
        l: () => onAsk('log'),
        '?': () => onAsk('keys'),
        ...own,
    });
}
