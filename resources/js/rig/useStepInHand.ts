import { useState } from 'react';

import type { Measurement, Rig, RigStep } from '../api/types';
import { nextOf, standingOf } from './standing';
import type { WorkAtHand } from './useWork';

/** Pictures of the place that a step is done at. */
export function picturesAt(rig: Rig, step: RigStep): Rig['pictures'] {
    return step.at === null ? [] : rig.pictures.filter((one) => one.of === `station:${step.at}`);
}

const NOTHING: Measurement[] = [];

/** What is to be known and done about the step in hand, on the glass and at the desk alike. */
export function useStepInHand(rig: Rig, at: WorkAtHand, step: RigStep, onStep: (id: string) => void) {
    /** the step that the hand came to by doing the one before */
    const [cameTo, setCameTo] = useState<string | null>(null);
    const [taken, setTaken] = useState<{ step: string; values: number[] } | null>(null);
    const next = nextOf(at).find((id) => id !== step.id);
    const standing = standingOf(step, at);
    const measures = at.work?.measures.find((one) => one.step === step.id)?.of ?? NOTHING;
    const read = taken?.step === step.id ? taken.values : null;
    const done = () => {
        if (next !== undefined) {
            setCameTo(next);
            onStep(next);
        }
    };
    const saysOf = (told: { step: string; says: string[] }[] | undefined) => told?.find((one) => one.step === step.id)?.says ?? [];
    return {
        standing,
        next,
        isDone: (one: RigStep) => ['done', 'sending'].includes(standingOf(one, at)),
        /** what its face tells */
        face: { step, standing, held: saysOf(at.work?.held), missing: saysOf(at.work?.missing), measures },
        /** what is read with a meter, one after the other */
        measures,
        /** All of it was right: where the step is nothing but the reading, it is done. */
        take: (values: number[]) => {
            if (step.kind === 'meter' && at.work !== undefined && step.holds.every((hold) => hold.metered)) {
                at.submit({ step: step.id, act: 'done', by: at.work.hand.id, readings: values });
                done();
            } else {
                setTaken({ step: step.id, values });
            }
        },
        /** what its acts go by */
        acts: {
            step,
            standing,
            pictures: picturesAt(rig, step).map((one) => one.picture),
            submit: at.submit,
            takesFocus: cameTo === step.id || read !== null,
            measures,
            read,
            onDone: done,
        },
    };
}
