/** The panes of the stage Meter, each with its key. */
export const PANES = [
    ['rest', 'At rest', 's'],
    ['load', 'Under load', 'h'],
    ['steps', 'At steps', 't'],
    ['passport', 'Passport', 'o'],
] as const;
export type Pane = (typeof PANES)[number][0];
