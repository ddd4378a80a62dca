/** The panes below the drawing, in the order of their keys 1 to 5. */
export const PANES = [
    ['complaints', 'What hurts'],
    ['batteries', 'Batteries found'],
    ['paths', 'Path checks'],
    ['photographs', 'Photographs'],
    ['findings', 'Findings'],
] as const;
export type Pane = (typeof PANES)[number][0];
