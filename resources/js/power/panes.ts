/** The panes below the drawing, in the order of their keys 1 to 7. */
export const PANES = [
    ['findings', 'Findings'],
    ['runs', 'Runs'],
    ['profile', 'Volt profile'],
    ['bench', 'Battery bench'],
    ['short', 'What burns first'],
    ['supply', 'Supply'],
    ['order', 'Order of connection'],
] as const;
export type Pane = (typeof PANES)[number][0];

/** These need the whole width. */
export const WIDE: readonly Pane[] = ['runs', 'supply', 'order'];

/** These are about the bank: the bench is drawn above them; the tree above those about runs; above findings whatever is there. */
export const AT_THE_BENCH: readonly Pane[] = ['bench', 'order'];
export const AT_THE_TREE: readonly Pane[] = ['runs', 'profile', 'short', 'supply'];
