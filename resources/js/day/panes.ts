/** The panes below the day strip, each with its key. */
export const PANES = [
    ['findings', 'Findings', 'f'],
    ['phases', 'Phases', 'p'],
    ['charge', 'Charge', 'c'],
    ['devices', 'Devices', 'd'],
    ['energy', 'Energy', 'g'],
    ['hours', 'What would it take', 't'],
    ['night', 'Night', 'n'],
    ['monitor', 'Monitor', 'm'],
    ['lay-up', 'Lay-up', 'u'],
] as const;
export type Pane = (typeof PANES)[number][0];
