/** The panes below the sonar map, each with its key. */
export const PANES = [
    ['findings', 'Findings', 'f'],
    ['sees', 'Who sees what', 'v'],
    ['plugs', 'Plugs and cables', 'p'],
    ['pins', 'Pins', 'n'],
    ['ports', 'Ports', 'o'],
    ['backbone', 'Backbone', 'b'],
    ['sense', 'Beams and sound', 's'],
] as const;
export type Pane = (typeof PANES)[number][0];

/** Kinds of parts that stand at this stage. */
export const KINDS_HERE = ['transducer', 'adapter', 'terminal-block', 'network-cable', 'backbone', 'serial'] as const;
