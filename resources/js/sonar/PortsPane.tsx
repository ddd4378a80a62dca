import { Table } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import type { DataSide } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';

/** Network ports of each device, and what is plugged into them. */
export function PortsPane({ job, network, onSelect }: { job: PlannedJob; network: DataSide; onSelect: (on: string) => void }) {
    const cables = job.plan.network?.cables ?? [];
    return (
        <Table>
            <HeadRow heads={['Device', 'Ports', 'Taken', 'Free', 'Cables to']} />
            <Table.Tbody>
                {network.ports.map(({ device, ports, used }) => (
                    <Table.Tr key={device} data-ports={device}>
                        <Table.Th scope="row">
                            <Act onClick={() => onSelect(`device:${device}`)}>{partName(job, `device:${device}`)}</Act>
                        </Table.Th>
                        <Table.Td className="figure">{ports ?? '–'}</Table.Td>
                        <Table.Td className="figure">{used}</Table.Td>
                        <Table.Td className="figure">{ports === null ? '–' : Math.max(0, ports - used)}</Table.Td>
                        <Table.Td>
                            {cables
                                .filter(({ from, to }) => from === device || to === device)
                                .map(({ from, to }) => partName(job, `device:${from === device ? to : from}`))
                                .join(', ')}
                        </Table.Td>
                    </Table.Tr>
                ))}
            </Table.Tbody>
        </Table>
    );
}
