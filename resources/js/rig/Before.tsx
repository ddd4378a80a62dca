import type { Rig, RigStep } from '../api/types';
import { StepLink } from './StepLink';

/** What has to be done before a step, where it is not: the first of it, and how much more. */
export function Before({ step, rig, isDone, onStep }: { step: RigStep; rig: Rig; isDone: (step: RigStep) => boolean; onStep: (id: string) => void }) {
    const open = rig.steps.filter((one) => step.needs.includes(one.id) && !isDone(one));
    const first = open[0];
    return first === undefined || isDone(step) ? null : (
        <p style={{ margin: 0, fontSize: '1rem' }} data-before={first.id}>
            First: <StepLink id={first.id} says={first.says} onStep={onStep} />
            {open.length > 1 && ` and ${open.length - 1} more`}
        </p>
    );
}
