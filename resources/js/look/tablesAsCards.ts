/** What an element of a table is to who cannot see it: laid out as cards it no longer says so by itself. */
const ROLES = { THEAD: 'rowgroup', TBODY: 'rowgroup', TFOOT: 'rowgroup', TR: 'row', TD: 'cell' } as const;

/**
 * Where a page is too narrow for columns each row of a table becomes a card (cards.css): here its cells are told what their
 * column is called, as they come and change.
 */
export function tablesAsCards(page: Document = document): void {
    const isNarrow = matchMedia('(max-width: 43.75em)');
    let asked = false;
    const name = () => {
        asked = false;
        page.querySelectorAll('table').forEach(nameCells);
    };
    const look = () => {
        if (isNarrow.matches && !asked) {
            asked = true;
            requestAnimationFrame(name);
        }
    };
    new MutationObserver(look).observe(page.body, { childList: true, subtree: true, characterData: true });
    isNarrow.addEventListener('change', look);
    look();
}

export function nameCells(table: HTMLTableElement): void {
    give(table, 'table');
    for (const element of table.querySelectorAll('thead, tbody, tfoot, tr, td')) {
        give(element, ROLES[element.tagName as keyof typeof ROLES]);
    }
    for (const head of table.querySelectorAll('th')) {
        give(head, head.getAttribute('scope')?.startsWith('row') === true ? 'rowheader' : 'columnheader');
    }
    const heads = [...(table.querySelector('thead tr')?.children ?? [])].flatMap((head) => Array.from({ length: spans(head, 'colspan') }, () => seen(head)));
    for (const body of table.querySelectorAll('tbody')) {
        /** of each column how many rows a cell above still takes */
        const taken: number[] = [];
        for (const row of body.children) {
            let column = 0;
            for (const cell of row.children) {
                while ((taken[column] ?? 0) > 0) {
                    column++;
                }
                // What spans several columns is called after none of them.
                call(cell, cell.tagName === 'TD' && spans(cell, 'colspan') === 1 ? (heads[column] ?? '') : '');
                for (let spanned = spans(cell, 'colspan'); spanned > 0; spanned--) {
                    taken[column++] = spans(cell, 'rowspan');
                }
            }
            taken.forEach((rows, at) => (taken[at] = rows - 1));
        }
    }
}

/** The words of a head that are seen. */
function seen(head: Element): string {
    return head.querySelector('.unseen') === null ? head.textContent : '';
}

function give(element: Element, role: string): void {
    if (element.getAttribute('role') !== role) {
        element.setAttribute('role', role);
    }
}

function call(cell: Element, name: string): void {
    if (name === '') {
        cell.removeAttribute('data-column');
    } else if (cell.getAttribute('data-column') !== name) {
        cell.setAttribute('data-column', name);
    }
}

function spans(cell: Element, over: 'colspan' | 'rowspan'): number {
    return Number(cell.getAttribute(over) ?? 1);
}
