import type { Feed, Finding, PlannedJob, Run } from '../api/types';
import { battery } from '../boat/planParts';
import { amps, gauge, length, lost, percent, type System } from '../units/units';

/** What the power tree and the power list say of a part, read from the plan and from what was computed. */

/** The worst that speaks against a part, of one stage or of all; null: nothing does. */
export function worstOn(job: PlannedJob, on: string, stage?: Finding['stage']): Finding['level'] | null {
    // Findings come worst first.
    return job.evaluation.findings.find((finding) => finding.on === on && (stage === undefined || finding.stage === stage))?.level ?? null;
}

/** Nominal volts of a bank's terminal over its negative. */
export function terminalVolts(job: PlannedJob, { bank, plus = 'pos' }: Feed['from']): number {
    const string = job.plan.banks?.find((one) => one.id === bank)?.strings[0] ?? [];
    return string.slice(0, blocksBelow(plus, string.length)).reduce((sum, id) => sum + (battery(job.plan, id)?.nominal_v ?? 0), 0);
}

/** How many batteries of the string lie below a terminal. */
export function blocksBelow(terminal: string, blocks: number): number {
    if (terminal.startsWith('tap:')) {
        return Number(terminal.slice(4));
    }
    return terminal.startsWith('neg') ? 0 : blocks;
}

/** A circuit's wire and what is lost in it, in words. */
export function runFigures(job: PlannedJob, run: Run, feed: Feed | null, system: System): { wire: string; lost: string } {
    const extra = job.plan.blocks?.flatMap((block) => block.branches ?? []).find((branch) => branch.id === run.id)?.run?.extra_mohm ?? feed?.run?.extra_mohm ?? 0;
    return {
        wire: `${gauge(run.gauge)}${run.gauge_chosen ? ' (chosen)' : ''} · ${length(run.length_m, system)}${extra > 0 ? ` · +${extra} mΩ` : ''}`,
        lost: `−${lost(run.drop_v)} · ${percent(run.drop_pct)} · ${amps(run.current_a)}`,
    };
}

/** The least volts at a device or on a backbone, and what it draws and loses. */
export function deviceFigures(job: PlannedJob, on: string): { volts: number | null | undefined; words: string } {
    const id = on.slice(on.indexOf(':') + 1);
    const backbone = job.evaluation.network?.backbones.find((one) => on === `backbone:${one.id}`);
    if (backbone !== undefined) {
        return { volts: backbone.volts_min, words: `the least on it · ${backbone.len} load units` };
    }
    const figures = job.evaluation.devices.find((device) => device.id === id);
    const part = job.plan.devices?.find((device) => device.id === id);
    return { volts: figures?.volts_loaded, words: `${amps(part?.kind === 'motor' ? part.peak_a : part?.typical_a)} · loses ${figures?.path_drop_pct?.toFixed(1) ?? '–'} of ${percent(figures?.limit_pct, 0)}` };
}
