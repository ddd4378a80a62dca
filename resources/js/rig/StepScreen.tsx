import { Button } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { lazy, Suspense, useState } from 'react';

import type { PlannedJob, Rig, RigStep } from '../api/types';
import { Below } from '../frame/Below';
import { MAIN } from '../look/SkipLink';
import { together } from '../units/together';
import { Before } from './Before';
import { KeptLine } from './KeptLine';
import { placeName } from './placeName';
import { StepActs } from './StepActs';
import { StepFace } from './StepFace';
import classes from './StepScreen.module.css';
import { useMethods } from './useMethods';
import { useStepInHand } from './useStepInHand';
import { type WorkAtHand } from './useWork';

const HowItIsDone = lazy(async () => ({ default: (await import('./HowItIsDone')).HowItIsDone }));
const StepReadings = lazy(async () => ({ default: (await import('./StepReadings')).StepReadings }));
const HandsDialog = lazy(async () => ({ default: (await import('./HandsDialog')).HandsDialog }));

interface Props {
    job: PlannedJob;
    rig: Rig;
    at: WorkAtHand;
    step: RigStep;
    /** the step before in the order of the work, and the one after */
    onStep: (id: string) => void;
    onList: () => void;
    /** whether the meter is in the hand */
    isReading: boolean;
    onReading: (isReading: boolean) => void;
}

/** One thing to do, on the whole glass: for a hand that holds something else. */
export function StepScreen({ job, rig, at, step, onStep, onList, isReading, onReading }: Props) {
    const [isPulled, setPulled] = useState(false);
    const [isHanding, setHanding] = useState(false);
    const { work, waiting } = at;
    useMethods(job); // there when it is pulled up, line or not
    useDocumentTitle([step.says, job.boat, 'Rig', 'Dinghy'].join(' · '));
    const { next, isDone, face, measures, take, acts } = useStepInHand(rig, at, step, onStep);
    const here = rig.steps.filter((one) => one.place === step.place);
    const left = here.filter((one) => !isDone(one)).length;
    const number = rig.steps.findIndex((one) => one.id === step.id);
    const before = rig.steps[number - 1];
    const other = work?.others.find((one) => one.step === step.id);
    if (isReading && measures.length > 0 && acts.standing === 'ready') {
        return (
            <main id={MAIN} tabIndex={-1} className={classes.screen} data-step-in-hand={step.id}>
                <div className={classes.head}>
                    <Button variant="subtle" className={classes.hand} mih={48} px={8} onClick={() => onReading(false)}>
                        ‹ Step
                    </Button>
                    <h1>{together(step.says)}</h1>
                </div>
                <Suspense fallback={null}>
                    <StepReadings
                        job={job}
                        rig={rig}
                        step={step}
                        measures={measures}
                        onAll={(values) => {
                            onReading(false);
                            take(values);
                        }}
                    />
                </Suspense>
            </main>
        );
    }
    return (
        <main id={MAIN} tabIndex={-1} className={classes.screen} data-step-in-hand={step.id}>
            <div className={classes.head}>
                <Button variant="subtle" className={classes.hand} mih={48} px={8} onClick={onList}>
                    ‹ List
                </Button>
                <h1>{job.boat}</h1>
                {work !== undefined && (
                    <Button variant="outline" className={classes.hand} mih={48} px={10} onClick={() => setHanding(true)} aria-label={`${work.hand.name} has the phone: hand it over`}>
                        {work.hand.name.split(' ')[0]}
                    </Button>
                )}
            </div>
            <div className={classes.along}>
                <Button variant="outline" className={classes.hand} mih={48} px={0} disabled={before === undefined} onClick={() => before !== undefined && onStep(before.id)} aria-label="The step before">
                    ‹
                </Button>
                <span data-figure="along">
                    {placeName(job, step)} · {left === 0 ? 'nothing more here' : `${left} left of ${here.length} here`}
                    <br />
                    {work === undefined ? '' : `${work.done.length} of ${work.of} done`}
                </span>
                <Button variant="outline" className={classes.hand} mih={48} px={10} disabled={next === undefined} onClick={() => next !== undefined && onStep(next)} aria-label="Later: on to the next">
                    Later ›
                </Button>
            </div>
            <div className={classes.bar} role="img" aria-label={`${here.length - left} of ${here.length} done here`}>
                <span style={{ width: `${(100 * (here.length - left)) / here.length}%` }} />
                <b style={{ insetInlineStart: `calc(${(100 * here.indexOf(step)) / Math.max(1, here.length - 1)}% - 2px)` }} />
            </div>
            <section className={classes.face} aria-label="Step">
                {other !== undefined && (
                    <p className={classes.line} role="status">
                        {other.name} is at this one.
                    </p>
                )}
                <StepFace {...face} />
                <Before step={step} rig={rig} isDone={isDone} onStep={onStep} />
            </section>
            <div className={classes.foot}>
                <KeptLine at={at} rig={rig} />
                <Button variant="light" className={classes.hand} mih={48} onClick={() => setPulled(true)}>
                    How, and where
                </Button>
                {work !== undefined && <StepActs key={`${step.id} ${step.holds.map((hold) => hold.rule).join(' ')}`} job={job} work={work} {...acts} onRead={() => onReading(true)} />}
            </div>
            <Suspense fallback={null}>
                <Below label="How, and where" opened={isPulled} onClose={() => setPulled(false)}>
                    <div style={{ padding: 16 }}>
                        <Button fullWidth variant="outline" mih={48} onClick={() => setPulled(false)}>
                            Back to the step
                        </Button>
                        <HowItIsDone job={job} rig={rig} step={step} />
                    </div>
                </Below>
                {isHanding && <HandsDialog job={job} waiting={waiting.length} onClose={() => setHanding(false)} />}
            </Suspense>
        </main>
    );
}
