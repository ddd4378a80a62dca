import type { Layout, PlannedJob } from '../api/types';
import type { PlanEdits } from '../plan/usePlanEdits';

/** What the lists of places are made from. */
export interface PlacesProps {
    job: PlannedJob;
    layout: Layout;
    edits: PlanEdits;
    /** the station or way in hand, as "station:stern" */
    chosen: string;
    onChoose: (on: string) => void;
}

export type Way = NonNullable<NonNullable<PlannedJob['plan']['boat']>['ways']>[number];
