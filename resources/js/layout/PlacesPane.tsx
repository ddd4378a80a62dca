import { CompassFields } from './CompassFields';
import { FittingsList } from './FittingsList';
import type { PlacesProps } from './places';
import { StationsList } from './StationsList';
import { WaysList } from './WaysList';

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
