import { useLocation, useNavigate } from 'react-router-dom';

import type { Job } from '../api/types';

/** The address of a stage of the same boat, with the same part in hand. */
export function useStagePath(job: Pick<Job, 'id'>): (stage: string) => string {
    const on = new URLSearchParams(useLocation().search).get('on');
    return (stage) => `/jobs/${job.id}/${stage}${on === null ? '' : `?${new URLSearchParams({ on }).toString()}`}`;
}

/** Goes to another stage of the same boat. */
export function useToStage(job: Pick<Job, 'id'>): (stage: string) => void {
    const navigate = useNavigate();
    const path = useStagePath(job);
    return (stage) => void navigate(path(stage));
}
