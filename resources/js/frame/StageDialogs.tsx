import type { PlannedJob } from '../api/types';
import { Log } from '../plan/Log';
import type { PlanEdits } from '../plan/usePlanEdits';
import { Keys } from './Keys';

export type Asked = 'keys' | 'log';

interface Props {
    stage: string;
    asked: string | null;
    onClose: () => void;
    job: PlannedJob;
    edits: PlanEdits;
}

/** What every stage asks in front of itself: its log, its keys. */
export function StageDialogs({ stage, asked, onClose, job, edits }: Props) {
    return (
        <>
            <Log edits={edits} opened={asked === 'log'} onClose={onClose} job={job} />
            <Keys stage={stage} opened={asked === 'keys'} onClose={onClose} />
        </>
    );
}
