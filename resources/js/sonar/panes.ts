/** The panes below the sonar map, each with its key. */
export const PANES = [
    ['findings', 'Findings', 'f'],
    ['sees', 'Who sees what', 'v'],
    ['plugs', 'Plugs', 'p'],
    ['pins', 'Pins', 'n'],
    ['ports', 'Ports', 'o'],
    ['pulling', 'Pulling', 'l'],
    ['backbone', 'Backbone', 'b'],
    ['sense', 'Beams', 's'],
    ['instruments', 'Instruments', 'i'],
    ['compare', 'With and without', 'c'],
] as const;
export type Pane = (typeof PANES)[number][0];

/** Kinds of parts that stand at this stage. */
export const KINDS_HERE = ['transducer', 'adapter', 'terminal-block', 'network-cable', 'backbone', 'serial'] as const;
