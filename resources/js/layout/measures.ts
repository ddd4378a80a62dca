/** What is measured for each question of mounting, in the order that a tape is held. */
export interface Measure {
    field: string;
    label: string;
    unit: 'm' | 'mm' | 'deg';
    /** may be left out */
    optional?: boolean;
}

export const MEASURES: Record<string, Measure[]> = {
    deploy: [
        { field: 'setback_m', label: 'Front edge of the mount to the outermost edge of the bow', unit: 'm' },
        { field: 'reach_m', label: 'Front edge of the mount to the shaft, down', unit: 'm' },
        { field: 'shaft_mm', label: 'Across the shaft', unit: 'mm' },
        { field: 'edge_drop_m', label: 'Edge of the bow below the mount', unit: 'm', optional: true },
        { field: 'slope_deg', label: 'Deck rises forward by', unit: 'deg', optional: true },
    ],
    sweep: [
        { field: 'head_m', label: 'Shaft to the farthest end of the head', unit: 'm' },
        { field: 'cord_m', label: 'Shaft to the outside of the cord', unit: 'm' },
        { field: 'rail_m', label: 'Middle of the boat to the rail', unit: 'm' },
        { field: 'door_m', label: 'Shaft aft to the door, lid or screen', unit: 'm' },
        { field: 'offset_m', label: 'Shaft to one side of the middle', unit: 'm', optional: true },
    ],
    shaft: [
        { field: 'length_m', label: 'Length of the shaft', unit: 'm' },
        { field: 'mount_height_m', label: 'Mount above the water, loaded', unit: 'm' },
        { field: 'collar_m', label: 'Shaft left above the mount', unit: 'm', optional: true },
        { field: 'lean_deg', label: 'Shaft leans by', unit: 'deg', optional: true },
    ],
    seen_from_helm: [
        { field: 'away_m', label: 'Eye to the screen, ahead', unit: 'm' },
        { field: 'aside_m', label: 'To the side', unit: 'm', optional: true },
        { field: 'below_m', label: 'Screen below the eye', unit: 'm', optional: true },
        { field: 'tilt_deg', label: 'Face tipped back by', unit: 'deg', optional: true },
        { field: 'turn_deg', label: 'Face turned to the user by', unit: 'deg', optional: true },
    ],
};
MEASURES.seen_from_angler = MEASURES.seen_from_helm ?? [];
