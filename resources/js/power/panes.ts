/** The panes below the drawing, each with its key. */
export const PANES = [
    ['findings', 'Findings', 'f'],
    ['runs', 'Runs', 'r'],
    ['ladder', 'Gauge ladder', 'g'],
    ['profile', 'Volt profile', 'v'],
    ['bench', 'Battery bench', 'b'],
    ['short', 'What burns first', 's'],
    ['supply', 'Supply', 'u'],
    ['order', 'Order of connection', 'o'],
] as const;
export type Pane = (typeof PANES)[number][0];

/** These are about the bank: the bench is drawn above them; the tree above those about runs; above findings whatever is there. */
export const AT_THE_BENCH: readonly Pane[] = ['bench', 'order'];
export const AT_THE_TREE: readonly Pane[] = ['runs', 'ladder', 'profile', 'short', 'supply'];
