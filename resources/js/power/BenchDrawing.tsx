import type { Bank, Bench, PlannedJob } from '../api/types';
import { BatteryBench, type BenchActs } from '../drawings/BatteryBench';
import classes from './BenchDrawing.module.css';
import { addJumper, landJumper, takeJumperOff } from './jumpers';
import { layBlock } from '../boat/positions';
import { postOf, terminalsOf } from '../boat/planParts';
import { type ProbePlaces, Probes } from './Probes';
import type { PlanEdits } from '../plan/usePlanEdits';

interface Props {
    job: PlannedJob;
    bank: Bank;
    bench: Bench;
    edits: PlanEdits;
    probes: ProbePlaces;
    done: number | null;
    onProbe: (which: 'plus' | 'minus', point: string) => void;
}

/** The bench and its meter. What a hand does in the drawing becomes a change of the plan. */
export function BenchDrawing({ job, bank, bench, edits, probes, done, onProbe }: Props) {
    const acts: BenchActs = {
        place: (battery, change) => void edits.submit(() => ({ patch: layBlock(bench, battery, change) })),
        join: (from, to) =>
            void edits.submit(() => {
                const step = addJumper(bank, { from, to });
                return step === null ? null : { patch: [step] };
            }),
        land: (jumper, end, post) => void edits.submit(() => ({ patch: [post === null ? takeJumperOff(bank, jumper) : landJumper(bank, jumper, end, post)] })),
        lead: (feed, side, post) =>
            void edits.submit(() => {
                const terminal = terminalsOf(bank).find((candidate) => postOf(bank, candidate) === post);
                return terminal === undefined ? null : { patch: [{ on: `feed:${feed}`, set: { [`from.${side}`]: terminal } }] };
            }),
        probe: onProbe,
    };
    return (
        <div className={classes.pair}>
            <div className={classes.drawing}>
                <BatteryBench job={job} bank={bank} bench={bench} probes={probes} done={done} acts={job.can_change ? acts : null} />
            </div>
            <div className={classes.meter}>
                <Probes job={job} probes={probes} onProbe={onProbe} />
            </div>
        </div>
    );
}
