// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';

import { nameCells } from '../../resources/js/look/tablesAsCards';

function named(rows: string): HTMLTableElement {
    const table = document.createElement('table');
    table.innerHTML = `<thead><tr><th scope="col">Bank</th><th scope="col">Draws</th><th scope="col">Left</th><th scope="col"><span class="unseen">to be done</span></th></tr></thead><tbody>${rows}</tbody>`;
    nameCells(table);
    return table;
}
const columns = (table: HTMLTableElement) => [...table.querySelectorAll('tbody tr')].map((row) => [...row.children].map((cell) => cell.getAttribute('data-column')));

describe('a row as a card', () => {
    it('says at each cell what its column is called, but at its name and at what needs no word', () => {
        expect(columns(named('<tr><th scope="row">Thrust</th><td>2 A</td><td>50 %</td><td><button>x</button></td></tr>'))).toEqual([[null, 'Draws', 'Left', null]]);
    });

    it('counts on where a cell stands over several rows or columns', () => {
        const table = named('<tr><th scope="row" rowspan="2">Thrust</th><td>2 A</td><td rowspan="2">50 %</td><td></td></tr><tr><td>1 A</td><td></td></tr><tr><td>House</td><td colspan="2">nothing</td><td></td></tr>');
        expect(columns(table)).toEqual([[null, 'Draws', 'Left', null], ['Draws', null], ['Bank', null, null]]);
    });

    it('takes its word back where a cell came to stand elsewhere', () => {
        const table = named('<tr><td>House</td><td>2 A</td><td>50 %</td></tr>');
        table.querySelectorAll('td')[1]?.remove();
        nameCells(table);
        expect(columns(table)).toEqual([['Bank', 'Draws']]);
    });

    it('stays a table for who cannot see it', () => {
        const table = named('<tr><th scope="row">Thrust</th><td>2 A</td></tr>');
        expect([...table.querySelectorAll('[role]')].map((one) => one.getAttribute('role'))).toEqual(['rowgroup', 'row', 'columnheader', 'columnheader', 'columnheader', 'columnheader', 'rowgroup', 'row', 'rowheader', 'cell']);
        expect(table.getAttribute('role')).toBe('table');
    });
});
