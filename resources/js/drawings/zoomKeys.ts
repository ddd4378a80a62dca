/** The keys that every drawing of a room of its own has. */
export const ZOOM_KEYS = [
    ['+ and −', 'the drawing larger and smaller; Ctrl and the wheel, or two fingers, do so too'],
    ['e', 'everything of the drawing'],
] as const;
