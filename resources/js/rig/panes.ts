/** The panes below the step, each with its key. */
export const PANES = [
    ['steps', 'Steps', 's'],
    ['holds', 'Holds', 'h'],
    ['waits', 'Waits', 't'],
    ['water', 'On the water', 'o'],
    ['lists', 'In and out', 'c'],
    ['owner', 'Owner asked', 'q'],
    ['record', 'Record', 'r'],
] as const;
export type Pane = (typeof PANES)[number][0];
