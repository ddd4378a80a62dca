import type { Bench, PlannedJob, WiredBank } from '../api/types';
import { spokenOf } from '../boat/parts';
import { BatteryBench, type BenchActs } from '../drawings/BatteryBench';
import { ZoomPane } from '../drawings/ZoomPane';
import classes from './BenchDrawing.module.css';
import { layBlock } from '../boat/positions';
import { type ProbePlaces, Probes } from './Probes';
import type { PlanEdits } from '../plan/usePlanEdits';

interface Props {
    job: PlannedJob;
    wired: WiredBank;
    bench: Bench;
    edits: PlanEdits;
    probes: ProbePlaces;
    done: number | null;
    /** the part in hand, as "battery:b1" */
    selected: string;
    onSelect: (on: string) => void;
    onProbe: (which: 'plus' | 'minus', point: string) => void;
}

/** The bench and its meter. What a hand does in the drawing becomes a change of the plan. */
export function BenchDrawing({ job, wired, bench, edits, probes, done, selected, onSelect, onProbe }: Props) {
    const acts: BenchActs = {
        place: (battery, change) => void edits.submit(() => ({ patch: layBlock(bench, battery, change) })),
        join: (from, to) => {
            if (!wired.wires.some((wire) => [wire.from, wire.to].includes(from) && [wire.from, wire.to].includes(to))) {
                void edits.submit(() => ({ propose: { make: 'join', bank: wired.id, from, to } }));
            }
        },
        land: (wire, end, post) =>
            void edits.submit(() => ({ propose: post === null ? { make: 'take-off', bank: wired.id, wire } : { make: 'land', bank: wired.id, wire, end, post } })),
        lead: (feed, side, post) => {
            if (wired.terminals.some((terminal) => terminal.post === post)) {
                void edits.submit(() => ({ propose: { make: 'lead', feed, side, post } }));
            }
        },
        probe: onProbe,
    };
    return (
        <div className={classes.pair}>
            <ZoomPane label={`Bench of the ${spokenOf(job, `bank:${wired.id}`)}`}>
                <BatteryBench job={job} wired={wired} bench={bench} probes={probes} done={done} selected={selected} onSelect={onSelect} acts={job.can_change ? acts : null} />
            </ZoomPane>
            <div className={classes.meter}>
                <Probes job={job} probes={probes} onProbe={onProbe} />
            </div>
        </div>
    );
}
