/** The panes below the drawing, each with its key. */
export const PANES = [
    ['complaints', 'What hurts', 'c'],
    ['batteries', 'Batteries found', 'b'],
    ['paths', 'Path checks', 'p'],
    ['photographs', 'Photographs', 'h'],
    ['findings', 'Findings', 'f'],
] as const;
export type Pane = (typeof PANES)[number][0];
