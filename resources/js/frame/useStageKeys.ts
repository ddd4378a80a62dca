import { redone, undone } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useShortcuts } from './shortcuts';
import type { Asked } from './StageDialogs';

interface Stage<T extends string> {
    panes: readonly (readonly [T, string])[];
    onPane: (pane: T) => void;
    edits: PlanEdits;
    onAsk: (asked: Asked) => void;
}

/** The keys that every stage has: its panes by number, undo and redo, log, find, keys; and its own. */
export function useStageKeys<T extends string>({ panes, onPane, edits, onAsk }: Stage<T>, own: Record<string, () => void> = {}): void {
    const undo = () => void edits.submit(undone);
    const redo = () => void edits.submit(redone);
    useShortcuts({
        ...Object.fromEntries(panes.map(([name], at) => [String(at + 1), () => onPane(name)])),
        z: undo,
        undo,
        y: redo,
        redo,
        l: () => onAsk('log'),
        '/': () => onAsk('find'),
        '?': () => onAsk('keys'),
        ...own,
    });
}
