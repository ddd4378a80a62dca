import { Table } from '@mantine/core';

import type { DayRun } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { percent } from '../units/units';

/** Where the energy of the day came from and went. */
export function EnergyPane({ run }: { run: DayRun }) {
    const { batteries, charged, loads, wires } = run.energy_wh;
    const from = Math.max(batteries + charged, 0.001);
    const rows: [string, number][] = [
        ['Out of the batteries', batteries],
        ['From alternator, chargers and converters', charged],
        ['Into devices, and into what converters draw', loads],
        ['Burnt in wires, fuses and the batteries themselves', wires],
    ];
    return (
        <Table w="auto">
            <HeadRow heads={['Energy', 'Wh', 'of all']} />
            <Table.Tbody>
                {rows.map(([what, wh]) => (
                    <Table.Tr key={what}>
                        <Table.Th scope="row">{what}</Table.Th>
                        <Table.Td className="figure">{wh.toFixed(0)}</Table.Td>
                        <Table.Td className="figure">{percent((100 * wh) / from)}</Table.Td>
                    </Table.Tr>
                ))}
            </Table.Tbody>
        </Table>
    );
}
