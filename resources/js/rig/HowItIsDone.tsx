import { useState } from 'react';
import { Button } from '@mantine/core';

import type { PlannedJob, Rig, RigStep } from '../api/types';
import { together } from '../units/together';
import { SpotOnBoat } from './SpotOnBoat';
import { Timer } from './Timer';
import { useMethods } from './useMethods';
import { picturesAt } from './useStepInHand';

interface Props {
    job: PlannedJob;
    rig: Rig;
    step: RigStep;
}

/** What is behind one pull: where, with the photograph of the place beside it, and how it is done. */
export function HowItIsDone({ job, rig, step }: Props) {
    const [isTimed, setTimed] = useState(false);
    const how = useMethods(job)?.get(step.id);
    const pictures = picturesAt(rig, step);
    return (
        <div style={{ fontSize: '1rem', lineHeight: 1.35 }}>
            <h3 style={{ marginBlock: '8px 4px' }}>How it is done</h3>
            {how === undefined && <p>Fetching it…</p>}
            <ol style={{ paddingInlineStart: '1.4em', marginBlock: '4px 12px' }}>
                {how?.map((one) => (
                    <li key={one} style={{ marginBlock: '8px' }}>
                        {together(one)}
                    </li>
                ))}
            </ol>
            <p className="quiet">
                {step.kind !== 'wait' && `About ${together(`${step.minutes} min`)}. `}
                {step.post !== null && `Post: ${together(step.post)}.`}
            </p>
            {isTimed ? <Timer /> : <Button variant="outline" mih={48} onClick={() => setTimed(true)}>Time it</Button>}
            {step.at !== null && (
                <>
                    <h3 style={{ marginBlock: '12px 4px' }}>Where</h3>
                    <SpotOnBoat job={job} rig={rig} at={step.at} />
                </>
            )}
            {pictures.map((one) => (
                <figure key={one.picture} style={{ margin: '12px 0 0' }}>
                    <img src={`/api/jobs/${job.id}/photographs/${one.picture}?thumbnail=1`} alt={one.words === '' ? 'The place as it came' : one.words} style={{ width: '100%', maxWidth: 480 }} loading="lazy" />
                    <figcaption>{one.words === '' ? 'As it came' : one.words}</figcaption>
                </figure>
            ))}
        </div>
    );
}
