import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Finding, PlannedJob, Remedies, Remedy } from '../api/types';
import { useUnits } from '../units/units';

export interface TriedRemedies {
    /** whether they are still being tried on the plan as it is */
    trying: boolean;
    /** undefined: none that was tried mends it without harm, or they are still being tried */
    of: (finding: Finding) => Remedy | undefined;
}

/** What mends the findings. It is asked for after the plan is drawn: an edit does not wait until every remedy was tried. */
export function useRemedies(job: PlannedJob): TriedRemedies {
    const { system } = useUnits();
    const remedies = useQuery({
        queryKey: ['remedies', job.id, job.version.hash, system],
        queryFn: async () => {
            const answer = await ask<Remedies>(`jobs/${job.id}/remedies?units=${system}`);
            // An edit may have overtaken the question: what was tried on another plan is not offered on this one.
            return answer.hash === job.version.hash ? answer.remedies : Promise.reject(new Error('These remedies are another plan’s.'));
        },
        retry: false,
        // The same plan is mended by the same changes.
        staleTime: Infinity,
    });
    return { trying: remedies.isFetching, of: (finding) => remedies.data?.find((remedy) => remedy.occasion === finding.occasion) };
}
