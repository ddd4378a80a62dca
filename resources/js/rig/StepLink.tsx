import { Act } from '../look/Act';
import { together } from '../units/together';

/** A step among others, as a way to it. */
export function StepLink({ id, says, isHere = false, onStep }: { id: string; says: string; isHere?: boolean; onStep: (id: string) => void }) {
    return (
        <Act style={{ whiteSpace: 'normal' }} aria-current={isHere ? 'step' : undefined} onClick={() => onStep(id)}>
            {together(says)}
        </Act>
    );
}
