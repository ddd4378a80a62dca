/** The panes below the boat plan, in the order of their keys 1 to 7. */
export const PANES = [
    ['places', 'Stations and ways'],
    ['routes', 'Routes'],
    ['tubes', 'Tubes'],
    ['mounting', 'Mounting'],
    ['holes', 'Holes'],
    ['boards', 'Boards'],
    ['findings', 'Findings'],
] as const;
export type Pane = (typeof PANES)[number][0];
