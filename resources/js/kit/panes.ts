/** The panes below the wires, each with its key. */
export const PANES = [
    ['spools', 'Spools', 's'],
    ['dies', 'Ends, by die', 'd'],
    ['list', 'Kit list', 'c'],
    ['tools', 'Tools', 't'],
    ['measures', 'To measure', 'm'],
    ['findings', 'Findings', 'f'],
] as const;
export type Pane = (typeof PANES)[number][0];
