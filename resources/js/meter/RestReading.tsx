import { ask } from '../api/client';
import type { Judgement, Meter, PlannedJob } from '../api/types';
import type { PlanEdits } from '../plan/usePlanEdits';
import { ReadingSequence } from '../readings/ReadingSequence';
import { useHandMeter } from '../readings/useHandMeter';
import { useUnits } from '../units/units';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    meter: Meter;
    point: Meter['rest'][number];
    /** it is kept: on to the next */
    onKept: () => void;
}

/** One reading at rest: judged, kept, and on to the next. */
export function RestReading({ job, edits, meter, point, onKept }: Props) {
    const { system } = useUnits();
    const fromMeter = useHandMeter(job.id);
    const judge = async (values: number[], isChecked: boolean) =>
        (await ask<{ judgements: Judgement[] }>(`jobs/${job.id}/readings/judgements?units=${system}`, { method: 'POST', body: { meter_point: point.of.id, value: values[0], checked: isChecked } })).judgements;
    const keep = (volts: number) => {
        void edits.submit(() => ({ reading: { meter_point: point.of.id, volts: String(volts) } }));
        onKept();
    };
    return <ReadingSequence key={point.of.id} measures={[point.of]} blocks={meter.blocks} judge={judge} onAll={(values) => keep(values[0] ?? 0)} onOutside={keep} fromMeter={fromMeter} />;
}
