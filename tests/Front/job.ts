import skiff from '../../database/demo/boats/skiff.json';
import type { PlannedJob } from '../../resources/js/api/types';

/** The demo's skiff as the page has her, with runs that carry what a test needs of them. */
export function skiffJob(changes: { runs?: unknown[]; can_change?: boolean } = {}): PlannedJob {
    const plan = structuredClone(skiff) as unknown as PlannedJob['plan'];
    const runs = changes.runs ?? [
        ...(plan.feeds ?? []).map((feed) => ({ id: feed.id, of: 'feed', label: `Run ${feed.id}`, gauge: '6 AWG', alternatives: [] })),
        ...(plan.blocks ?? []).flatMap((block) => (block.branches ?? []).map((branch) => ({ id: branch.id, of: 'branch', label: `Run ${branch.id}`, gauge: '14 AWG', alternatives: [] }))),
    ];
    const names = Object.fromEntries([
        ...(plan.devices ?? []).map(({ id, name }) => [`device:${id}`, name]),
        ...(plan.boat?.stations ?? []).map(({ id, name }) => [`station:${id}`, name]),
        ...runs.map((run) => [`${(run as { of: string }).of}:${(run as { id: string }).id}`, (run as { label: string }).label]),
    ]) as Record<string, string>;
    return { id: 1, names, can_change: changes.can_change ?? true, plan, evaluation: { runs, banks: [], devices: [], meter_points: [], findings: [], unchecked: [] } } as unknown as PlannedJob;
}
