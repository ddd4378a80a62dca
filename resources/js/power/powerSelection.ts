import type { Bank, PlannedJob, Run } from '../api/types';
import { devicesBehind, feed as feedOf, partOf } from '../boat/planParts';

/** What follows from the part in hand at the stage Power: the run that profile and ladder are about, the bank on the bench. */
export interface PowerSelection {
    /** the part in hand, as "feed:house" */
    on: string;
    /** the run in hand; undefined: something else is */
    run: Run | undefined;
    /** the run that panes about runs show: the one in hand, or the nearest to what is */
    about: Run | undefined;
    bank: Bank | undefined;
}

export function powerSelection(job: PlannedJob, named: string | null): PowerSelection {
    const circuits = job.evaluation.runs.filter((run) => run.of !== 'lead');
    const banks = job.plan.banks ?? [];
    const on = named ?? (circuits[0] === undefined ? 'plan' : partOf(circuits[0]));
    const [kind, id = ''] = on.split(':');
    const run =
        kind === 'feed' || kind === 'branch'
            ? circuits.find((one) => partOf(one) === on)
            : kind === 'device'
              ? circuits.find((one) => devicesBehind(job.plan, one.id).join() === id)
              : kind === 'block'
                ? circuits.find((one) => feedOf(job.plan, one.id)?.to.block === id)
                : undefined;
    const bankNamed =
        kind === 'bank'
            ? banks.find((bank) => bank.id === id)
            : kind === 'battery'
              ? banks.find((bank) => bank.strings.flat().includes(id))
              : kind === 'jumper'
                ? banks.find((bank) => bank.jumpers?.some((jumper) => jumper.id === id))
                : undefined;
    const about = run ?? circuits.find((one) => feedOf(job.plan, one.id)?.from.bank === bankNamed?.id) ?? circuits[0];
    return { on, run, about, bank: bankNamed ?? bankOfRun(job, about) ?? banks[0] };
}

/** The bank that a run draws on, over the block that it hangs on. */
function bankOfRun(job: PlannedJob, run: Run | undefined): Bank | undefined {
    const behind = run === undefined ? undefined : devicesBehind(job.plan, run.id)[0];
    const feed = run === undefined ? undefined : (feedOf(job.plan, run.id) ?? job.plan.feeds?.find((one) => behind !== undefined && devicesBehind(job.plan, one.id).includes(behind)));
    return job.plan.banks?.find((bank) => bank.id === feed?.from.bank);
}
