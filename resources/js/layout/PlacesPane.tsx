import type { Layout, PlannedJob } from '../api/types';
import type { PlanEdits } from '../plan/usePlanEdits';
import { CompassFields } from './CompassFields';
import { FittingsList } from './FittingsList';
import { StationsList } from './StationsList';
import { WaysList } from './WaysList';

export interface PlacesProps {
    job: PlannedJob;
    layout: Layout;
    edits: PlanEdits;
    /** the station or way in hand, as "station:stern" */
    chosen: string;
    onChoose: (on: string) => void;
}

/** Stations, ways and what sits where, as lists: everything that can be done on the drawing is done here as well. */
export function PlacesPane(props: PlacesProps) {
    return (
        <>
            <StationsList {...props} />
            <WaysList {...props} />
            <FittingsList {...props} />
            <CompassFields job={props.job} edits={props.edits} />
        </>
    );
}
