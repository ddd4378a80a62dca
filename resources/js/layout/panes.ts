/** The panes below the boat plan, each with its key. */
export const PANES = [
    ['places', 'Stations and ways', 'p'],
    ['routes', 'Routes', 'r'],
    ['tubes', 'Tubes', 't'],
    ['mounting', 'Mounting', 'm'],
    ['holes', 'Holes', 'h'],
    ['boards', 'Boards', 'b'],
    ['findings', 'Findings', 'f'],
] as const;
export type Pane = (typeof PANES)[number][0];
