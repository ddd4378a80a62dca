import { type RefObject, useEffect } from 'react';

/** What a cell is to who cannot see it: once a table is laid out as cards its elements alone no longer say so. */
const ROLES = { TABLE: 'table', THEAD: 'rowgroup', TBODY: 'rowgroup', TFOOT: 'rowgroup', TR: 'row', TD: 'cell' } as const;

/**
 * Writes at each cell of the tables within what its column is called (`data-column`), and what each element is, for where a
 * page is too narrow for columns and each row becomes a card.
 */
export function useColumnNames(within: RefObject<HTMLElement | null>): void {
    useEffect(() => {
        const element = within.current;
        if (element === null) {
            return;
        }
        const name = () => element.querySelectorAll('table').forEach(nameCells);
        name();
        const watch = new MutationObserver(name);
        watch.observe(element, { childList: true, subtree: true, characterData: true });
        return () => watch.disconnect();
    }, [within]);
}

export function nameCells(table: HTMLTableElement): void {
    const heads = [...(table.tHead?.rows[0]?.cells ?? [])].flatMap((head) => Array.from({ length: head.colSpan }, () => (head.textContent === head.querySelector('.unseen')?.textContent ? '' : head.textContent)));
    for (const element of table.querySelectorAll('thead, tbody, tfoot, tr, td, th')) {
        const role = element instanceof HTMLTableCellElement && element.tagName === 'TH' ? (element.scope === 'row' || element.scope === 'rowgroup' ? 'rowheader' : 'columnheader') : ROLES[element.tagName as keyof typeof ROLES];
        if (element.getAttribute('role') !== role) {
            element.setAttribute('role', role);
        }
    }
    table.setAttribute('role', ROLES.TABLE);
    for (const body of table.tBodies) {
        for (const row of body.rows) {
            let column = 0;
            for (const cell of row.cells) {
                // What spans several columns is called after none of them.
                const called = cell.tagName === 'TD' && cell.colSpan === 1 ? (heads[column] ?? '') : '';
                column += cell.colSpan;
                if (called === '') {
                    delete cell.dataset.column;
                } else if (cell.dataset.column !== called) {
                    cell.dataset.column = called;
                }
            }
        }
    }
}
