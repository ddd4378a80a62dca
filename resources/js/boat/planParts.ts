import type { Bank, Battery, Block, Device, Feed, Plan, PlannedJob, Rung, Run } from '../api/types';

/** Finding one's way in a plan and its evaluation by id. No figure of the trade is computed here. */

export function device(plan: Plan, id: string): Device | undefined {
    return plan.devices?.find((part) => part.id === id);
}

export function battery(plan: Plan, id: string): Battery | undefined {
    return plan.batteries?.find((part) => part.id === id);
}

export function block(plan: Plan, id: string): Block | undefined {
    return plan.blocks?.find((part) => part.id === id);
}

export function feed(plan: Plan, id: string): Feed | undefined {
    return plan.feeds?.find((part) => part.id === id);
}

/** The feeds that are taken from a bank. */
export function feedsOf(plan: Plan, bank: Bank): Feed[] {
    return (plan.feeds ?? []).filter((candidate) => candidate.from.bank === bank.id);
}

export function protection(of: Feed) {
    return of.protection === undefined ? [] : Array.isArray(of.protection) ? of.protection : [of.protection];
}

export function run(job: PlannedJob, id: string): Run | undefined {
    return job.evaluation.runs.find((part) => part.id === id && part.of !== 'lead');
}

/** "feed:house" or "branch:br1": what patches and findings call a run. */
export function partOf(run: Run): string {
    return `${run.of}:${run.id}`;
}

/** Devices that draw through a run. */
export function devicesBehind(plan: Plan, id: string): string[] {
    const asFeed = feed(plan, id);
    if (asFeed?.to.device !== undefined) {
        return [asFeed.to.device];
    }
    if (asFeed?.to.block !== undefined) {
        return devicesOn(plan, asFeed.to.block);
    }
    const to = branchOf(plan, id)?.branch.to;
    return to?.device !== undefined ? [to.device] : to?.block !== undefined ? devicesOn(plan, to.block) : [];
}

/** Devices that draw through a block, through blocks that hang on it too. */
export function devicesOn(plan: Plan, id: string, seen: string[] = []): string[] {
    return (block(plan, id)?.branches ?? []).flatMap(({ to }) =>
        to.device !== undefined ? [to.device] : to.block === undefined || seen.includes(to.block) ? [] : devicesOn(plan, to.block, [...seen, id]));
}

/** What feeds a block from a bank of other volts. */
export function converters(plan: Plan) {
    return (plan.chargers ?? []).flatMap((charger) =>
        (charger.outputs ?? []).flatMap((output) =>
            output.block === undefined || charger.input_from == null ? [] : [{ charger: charger.id, from: charger.input_from, block: output.block, amps: output.amps, volts: output.volts ?? 12 }]));
}

/** A branch, and the fuse block that it hangs on. */
export function branchOf(plan: Plan, id: string) {
    for (const block of plan.blocks ?? []) {
        const branch = block.branches?.find((inner) => inner.id === id);
        if (branch !== undefined) {
            return { block, branch };
        }
    }
    return undefined;
}

/** The next rung of the run's ladder, thicker or thinner. */
export function nextRung(run: Run, step: 1 | -1): Rung | undefined {
    const at = run.alternatives.findIndex((rung) => rung.gauge === run.gauge);
    return at < 0 ? undefined : run.alternatives[at + step];
}

/** The field that holds the rating of a run's first fuse or breaker; null where the plan has none. */
export function ratingField(plan: Plan, run: Run): string | null {
    if (run.of === 'branch') {
        return 'fuse_a';
    }
    const of = feed(plan, run.id);
    return of === undefined || protection(of).length === 0 ? null : 'protection.0.rating_a';
}

/** The first rung that the house rule takes. */
export function houseRung(run: Run): Rung | undefined {
    return run.alternatives.find((rung) => rung.ok);
}

/** The point of measuring at a battery's plus from its bank's common negative; of a battery alone, across it. */
export function pointAbove(job: PlannedJob, bank: string, battery: string) {
    const points = job.evaluation.meter_points;
    return points.find((point) => point.plus === `${battery}+` && point.id.startsWith(`${bank}:`)) ?? points.find((point) => point.id === battery);
}
