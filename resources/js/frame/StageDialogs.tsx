import type { PlannedJob } from '../api/types';
import type { PlanEdits } from '../plan/usePlanEdits';
import { Log } from '../plan/Log';
import { Find, type Findable } from './Find';
import { Keys } from './Keys';

export type Asked = 'find' | 'keys' | 'log';

interface Props {
    stage: string;
    asked: string | null;
    onClose: () => void;
    job: PlannedJob;
    edits: PlanEdits;
    things: Findable[];
}

/** What every stage asks in front of itself: its log, what is sought, its keys. */
export function StageDialogs({ stage, asked, onClose, job, edits, things }: Props) {
    return (
        <>
            <Log edits={edits} opened={asked === 'log'} onClose={onClose} job={job} />
            <Find opened={asked === 'find'} onClose={onClose} things={things} />
            <Keys stage={stage} opened={asked === 'keys'} onClose={onClose} />
        </>
    );
}
