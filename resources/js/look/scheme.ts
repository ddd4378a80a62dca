/** Where a person's own choice of paper, locker or as the machine has it is kept in their browser. */
export const SCHEME_KEY = 'dinghy-scheme';

/** The scheme that was chosen here, as it is to be drawn just now. */
export function drawnScheme(): 'light' | 'dark' {
    const chosen = localStorage.getItem(SCHEME_KEY);
    return chosen === 'light' || chosen === 'dark' ? chosen : matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}
