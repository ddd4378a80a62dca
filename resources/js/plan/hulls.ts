/** Kinds of hull, as the plan and as people name them. */
export const HULLS = [
    ['fibreglass', 'fibreglass'],
    ['aluminium', 'aluminium'],
    ['pontoon', 'two hulls or pontoons'],
    ['inflatable', 'inflatable'],
    ['box', 'box'],
] as const;
