/** What can take the focus by keys. */
const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled, [type=hidden]), select:not(:disabled), textarea:not(:disabled), summary, [tabindex]:not([tabindex="-1"])';
/** A field that would bring up the keys of a phone. */
const TYPED_INTO = 'input:not([type=checkbox], [type=radio], [type=range], [type=file], [type=button]), textarea';

/** An element that had the focus, and where it stood: what held it, from within outwards, and the how manieth it was in each. */
interface Stand {
    element: Element;
    holders: { holder: Element; at: number }[];
    /** what it says that it does, to find the same act in the next row */
    says: string;
}

/** how many are remembered: a dialog over a menu over a row goes back to the row */
const REMEMBERED = 8;

/**
 * When what has the focus is taken away (a row taken out, a finding mended, a question answered, a dialog closed over what
 * opened it), the focus goes on to what took its place; the browser lets it fall to the page's beginning. Nothing is done
 * where the page moved it itself, or where a hand pressed beside everything.
 */
export function keepFocus(page: Document = document): () => void {
    let stands: Stand[] = [];
    let asked = false;
    const heard = (event: Event) => {
        const element = event.target;
        if (element instanceof Element && element !== page.body) {
            stands = [standOf(element), ...stands.filter((one) => one.element !== element)].slice(0, REMEMBERED);
        }
    };
    const left = (event: Event) => {
        if (event.target instanceof Element && event.target.closest(FOCUSABLE) === null) {
            stands = [];
        }
    };
    const look = () => {
        const last = stands[0]?.element;
        if (!asked && last !== undefined && isLost(page, last)) {
            asked = true;
            // A frame later: the page itself may have a better place.
            requestAnimationFrame(() => {
                asked = false;
                if (isLost(page, last)) {
                    nextOf(page, stands)?.focus({ preventScroll: true });
                }
            });
        }
    };
    const watch = new MutationObserver(look);
    watch.observe(page.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    page.addEventListener('focusin', heard);
    page.addEventListener('pointerdown', left);
    return () => {
        watch.disconnect();
        page.removeEventListener('focusin', heard);
        page.removeEventListener('pointerdown', left);
    };
}

function standOf(element: Element): Stand {
    const holders: Stand['holders'] = [];
    for (let inner = element, holder = element.parentElement; holder !== null; inner = holder, holder = holder.parentElement) {
        holders.push({ holder, at: [...holder.children].indexOf(inner) });
    }
    return { element, holders, says: element.textContent };
}

/** Whether nothing has the focus because that element is gone or can do nothing any more. */
function isLost(page: Document, last: Element): boolean {
    const now = page.activeElement;
    const isGone = !last.isConnected || last.matches(':disabled');
    return isGone && (now === null || now === page.body || now === last);
}

/** Where the hand goes on: at what stands there now, in the nearest holder that still stands; else where it was before. */
function nextOf(page: Document, stands: Stand[]): HTMLElement | null {
    for (const { element, holders, says } of stands) {
        if (element instanceof HTMLElement && element.isConnected && element.matches(FOCUSABLE)) {
            return element;
        }
        for (const { holder, at } of holders) {
            if (!holder.isConnected) {
                continue;
            }
            if (holder === page.body || holder.parentElement === page.body) {
                break; // the page as a whole is no place
            }
            const within = [holder.children[at], holder.children[at - 1], holder].filter((one) => one !== undefined).flatMap((one) => placesIn(one, says));
            if (within[0] !== undefined) {
                return within[0];
            }
        }
    }
    return page.querySelector('main');
}

/** The same act first, then any that brings up no keys, then the holder itself where it can have the focus. */
function placesIn(element: Element, says: string): HTMLElement[] {
    const all = [...element.querySelectorAll<HTMLElement>(FOCUSABLE), ...(element instanceof HTMLElement && element.matches(FOCUSABLE) ? [element] : [])].filter((one) => one.checkVisibility());
    return [...all.filter((one) => says !== '' && one.textContent === says), ...all.filter((one) => !one.matches(TYPED_INTO))];
}
