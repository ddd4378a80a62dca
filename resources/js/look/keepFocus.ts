/** What can take the focus by keys. */
const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled, [type=hidden]), select:not(:disabled), textarea:not(:disabled), summary, [tabindex]:not([tabindex="-1"])';
/** A field that would bring up the keys of a phone, or that takes single keys to itself. */
const TYPED_INTO = 'input:not([type=checkbox], [type=radio], [type=range], [type=file], [type=button]), textarea, select';

/** An element that had the focus, and where it stood: what held it, from within outwards, and the how manieth it was in each. */
interface Stand {
    element: Element;
    holders: { holder: Element; at: number }[];
    /** what it is called, to find the same act in the next row, and the same field drawn anew */
    called: string;
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
    const leftOff = (event: FocusEvent) => {
        // Not what is taken away: what was left, as by Enter or Escape in a field.
        const element = stands[0]?.element;
        if (event.relatedTarget !== null) {
            return;
        }
        setTimeout(() => {
            if (page.activeElement === page.body && element !== undefined && !isLost(page, element)) {
                stands = [];
            }
        });
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
    page.addEventListener('focusout', leftOff);
    page.addEventListener('pointerdown', left);
    return () => {
        watch.disconnect();
        page.removeEventListener('focusin', heard);
        page.removeEventListener('focusout', leftOff);
        page.removeEventListener('pointerdown', left);
    };
}

function standOf(element: Element): Stand {
    const holders: Stand['holders'] = [];
    for (let inner = element, holder = element.parentElement; holder !== null; inner = holder, holder = holder.parentElement) {
        holders.push({ holder, at: [...holder.children].indexOf(inner) });
    }
    return { element, holders, called: calledOf(element) };
}

/** Whether nothing has the focus because that element is gone or can do nothing any more. */
function isLost(page: Document, last: Element): boolean {
    const now = page.activeElement;
    const isGone = !last.isConnected || last.matches(':disabled');
    return isGone && (now === null || now === page.body || now === last);
}

/** Where the hand goes on: at what stands there now, in the nearest holder that still stands; else where it was before; else the page itself, where keys act. */
function nextOf(page: Document, [last, ...before]: Stand[]): HTMLElement | null {
    for (const { holder, at } of last?.holders ?? []) {
        if (holder === page.body || holder.parentElement === page.body) {
            break; // the page as a whole is no place
        }
        if (!holder.isConnected) {
            continue;
        }
        const places = [holder.children[at], holder.children[at - 1], holder].filter((one) => one !== undefined).flatMap(placesIn);
        // The same act first, then any that brings up no keys.
        const next = places.find((one) => last?.called !== '' && calledOf(one) === last?.called) ?? places.find((one) => !one.matches(TYPED_INTO));
        if (next !== undefined) {
            return next;
        }
    }
    const still = before.map(({ element }) => element).find((one): one is HTMLElement => one instanceof HTMLElement && one.isConnected && one.matches(FOCUSABLE));
    return still ?? page.querySelector('main');
}

/** What can have the focus within, and last the element itself where it can. */
function placesIn(element: Element): HTMLElement[] {
    return [...element.querySelectorAll<HTMLElement>(FOCUSABLE), ...(element instanceof HTMLElement && element.matches(FOCUSABLE) ? [element] : [])].filter((one) => one.checkVisibility());
}

/** Its words; of a field, which has none, those of its label. */
function calledOf(element: Element): string {
    const labels = 'labels' in element && element.labels !== null ? [...(element.labels as NodeListOf<HTMLElement>)] : [];
    return [element.textContent, element.getAttribute('aria-label'), ...labels.map((label) => label.textContent)].find((words) => words !== null && words !== '') ?? '';
}
