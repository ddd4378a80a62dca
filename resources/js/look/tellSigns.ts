/** ms that a finger rests on a sign until it is told, and that the words stay once it is lifted */
const REST = 350;
const STAYS = 1_600;
/** px that a resting finger may stray */
const STRAY = 10;

/** What has words that are not seen: a mouse reads them beside itself, a screen reader reads them out. */
const SIGN = '[title], svg [aria-label], svg g:has(> title)';

/** A finger that rests on a sign is told what it means, at the top of the glass, where no hand is. */
export function tellSigns(page: Document = document): void {
    const told = page.createElement('div');
    told.className = 'told';
    told.setAttribute('role', 'status');
    told.hidden = true;
    page.body.append(told);
    let timer = 0;
    const after = (ms: number, act: () => void) => {
        clearTimeout(timer);
        timer = window.setTimeout(act, ms);
    };
    const hide = () => {
        told.hidden = true;
    };
    page.addEventListener('pointerdown', (down) => {
        const words = down.pointerType === 'touch' && down.target instanceof Element ? wordsOf(down.target) : '';
        if (words === '') {
            return;
        }
        const tell = () => {
            told.textContent = words;
            told.hidden = false;
        };
        after(REST, tell);
        const heard = new AbortController();
        // A browser that is busy may say first that the finger rests, and that it takes the touch for a menu of its own.
        page.addEventListener('contextmenu', tell, { signal: heard.signal });
        page.addEventListener(
            'pointermove',
            (move) => {
                if (told.hidden && Math.hypot(move.clientX - down.clientX, move.clientY - down.clientY) > STRAY) {
                    clearTimeout(timer); // it scrolls, or draws something along
                }
            },
            { signal: heard.signal },
        );
        for (const end of ['pointerup', 'pointercancel'] as const) {
            page.addEventListener(
                end,
                () => {
                    heard.abort();
                    after(STAYS, hide);
                },
                { signal: heard.signal },
            );
        }
    });
}

/** What a sign means; empty: it is none, or its words stand beside it. */
export function wordsOf(touched: Element): string {
    const sign = touched.closest(SIGN);
    const words = sign?.getAttribute('title') ?? sign?.getAttribute('aria-label') ?? sign?.querySelector(':scope > title')?.textContent ?? '';
    // What else a key can do about it is of no use to a finger.
    return words.replace(/\. (Arrows|Enter)\b.*$/, '');
}
