import { ask } from '../api/client';
import type { Judgement, Measurement, PlannedJob, Rig, RigStep } from '../api/types';
import { ReadingSequence } from '../readings/ReadingSequence';
import { useHandMeter } from '../readings/useHandMeter';
import { useUnits } from '../units/units';

interface Props {
    job: PlannedJob;
    rig: Rig;
    step: RigStep;
    measures: Measurement[];
    onAll: (values: number[]) => void;
}

/** What is read with a meter before a step is done. */
export function StepReadings({ job, rig, step, measures, onAll }: Props) {
    const { system } = useUnits();
    const judge = async (values: number[], isChecked: boolean) => (await ask<{ judgements: Judgement[] }>(`jobs/${job.id}/work/judgements?units=${system}`, { method: 'POST', body: { step: step.id, values, checked: isChecked } })).judgements;
    const fromMeter = useHandMeter(job.id);
    return <ReadingSequence key={step.id} measures={measures} blocks={rig.blocks} judge={judge} onAll={onAll} fromMeter={fromMeter} />;
}
