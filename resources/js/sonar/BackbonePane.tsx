import { Table } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import type { DataSide } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { length, useUnits, volts } from '../units/units';

/** What a meter finds at a backbone, and what hangs on it. */
export function BackbonePane({ job, network, onSelect }: { job: PlannedJob; network: DataSide; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    if (network.backbones.length === 0) {
        return <p>No instrument backbone is planned.</p>;
    }
    return (
        <Table>
            <HeadRow heads={['Backbone', 'Nodes', 'Load units', 'Trunk', 'Drops', 'Longest drop', 'Across the pair, power off', 'Power taps', 'Least volts', 'Lost along the trunk']} />
            <Table.Tbody>
                {network.backbones.map((one) => (
                    <Table.Tr key={one.id} data-backbone={one.id}>
                        <Table.Th scope="row">
                            <Act onClick={() => onSelect(`backbone:${one.id}`)}>{partName(job, `backbone:${one.id}`)}</Act>
                        </Table.Th>
                        <Table.Td className="figure">{one.nodes}</Table.Td>
                        <Table.Td className="figure">{one.len}</Table.Td>
                        <Table.Td className="figure">{length(one.trunk_m, system)}</Table.Td>
                        <Table.Td className="figure">{length(one.drops_m, system)}</Table.Td>
                        <Table.Td className="figure">{length(one.longest_drop_m, system)}</Table.Td>
                        <Table.Td className="figure">{one.across_ohm === null ? 'open' : `${one.across_ohm.toFixed(0)} Ω`}</Table.Td>
                        <Table.Td className="figure">{one.power_taps}</Table.Td>
                        <Table.Td>
                            <span className="figure">{volts(one.volts_min, 2)}</span>
                            {one.worst !== null && ` at ${partName(job, `device:${one.worst}`)}`}
                        </Table.Td>
                        <Table.Td className="figure">{volts(one.drop_v, 2)}</Table.Td>
                    </Table.Tr>
                ))}
            </Table.Tbody>
        </Table>
    );
}
