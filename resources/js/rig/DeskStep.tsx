import { Button, Group } from '@mantine/core';
import { useState } from 'react';

import type { PlannedJob, Rig, RigStep } from '../api/types';
import classes from './DeskStep.module.css';
import { Before } from './Before';
import { HandsDialog } from './HandsDialog';
import { HowItIsDone } from './HowItIsDone';
import { KeptLine } from './KeptLine';
import { placeName } from './placeName';
import { StepActs } from './StepActs';
import { StepFace } from './StepFace';
import { StepReadings } from './StepReadings';
import { useStepInHand } from './useStepInHand';
import { type WorkAtHand } from './useWork';

/** The step in hand at the desk: what it is, what is done about it, how and where. */
export function DeskStep({ job, rig, at, step, onStep }: { job: PlannedJob; rig: Rig; at: WorkAtHand; step: RigStep; onStep: (id: string) => void }) {
    const [isHanding, setHanding] = useState(false);
    const { isDone, face, measures, take, acts } = useStepInHand(rig, at, step, onStep);
    const [reading, setReading] = useState<string | null>(null);
    const isReading = reading === step.id;
    const { work } = at;
    return (
        <div className={classes.desk} data-step-in-hand={step.id} tabIndex={0} role="region" aria-label="Step in hand">
            <section className={classes.face} aria-label="Step">
                <span className="quiet">
                    {placeName(job, step)} · {step.kind}
                </span>
                <StepFace {...face} />
                <Before step={step} rig={rig} isDone={isDone} onStep={onStep} />
            </section>
            <section className={classes.how} aria-label="What is done about it">
                {work !== undefined && (
                    <Group gap={8} mb={8}>
                        <span>In the hand of {work.hand.name}</span>
                        <Button size="compact-md" variant="outline" onClick={() => setHanding(true)}>
                            Hand over
                        </Button>
                    </Group>
                )}
                <KeptLine at={at} rig={rig} />
                {isReading && acts.standing === 'ready' && acts.read === null && measures.length > 0 ? (
                    <StepReadings job={job} rig={rig} step={step} measures={measures} onAll={take} />
                ) : (
                    work !== undefined && <StepActs key={`${step.id} ${step.holds.map((hold) => hold.rule).join(' ')}`} job={job} work={work} {...acts} onRead={() => setReading(step.id)} />
                )}
            </section>
            <section className={classes.how} aria-label="How, and where">
                <HowItIsDone job={job} rig={rig} step={step} />
            </section>
            {isHanding && <HandsDialog job={job} waiting={at.waiting.length} onClose={() => setHanding(false)} />}
        </div>
    );
}
