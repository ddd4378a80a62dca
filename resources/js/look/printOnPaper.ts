const SCHEME = 'mantineColorScheme';

/** What is printed is printed on paper, also from the locker theme. */
export function printOnPaper(): void {
    const root = document.documentElement.dataset;
    let before: string | undefined;
    window.addEventListener('beforeprint', () => {
        before = root[SCHEME];
        root[SCHEME] = 'light';
    });
    window.addEventListener('afterprint', () => {
        root[SCHEME] = before;
    });
}
