import { Table } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import { cableThere, type DataSide, linkPart, plugsAt } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { length, useUnits } from '../units/units';
import { functionWords } from './functionWords';

/** Each transducer with its way to its socket: the same as the sonar map, for reading and for screen readers. */
export function PlugsPane({ job, network, onSelect }: { job: PlannedJob; network: DataSide; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    return (
        <Table>
            <HeadRow heads={['Transducer', 'Its plug', 'By way of', 'Into', 'Comes through and is shown', 'Lost on the way', 'Cable there', 'Cable needed']} />
            <Table.Tbody>
                {(job.plan.network?.transducers ?? []).map((transducer) => {
                    const judged = network.transducers.find(({ id }) => id === transducer.id);
                    const into = transducer.to;
                    return (
                        <Table.Tr key={transducer.id} data-plugs={transducer.id}>
                            <Table.Th scope="row">
                                <Act onClick={() => onSelect(`transducer:${transducer.id}`)}>{partName(job, `transducer:${transducer.id}`)}</Act>
                            </Table.Th>
                            <Table.Td>{transducer.plug}</Table.Td>
                            <Table.Td>{judged?.reached === false ? 'nothing joins them' : (judged?.chain ?? []).length === 0 ? 'as it is' : judged?.chain.map((id) => partName(job, linkPart(job.plan, id))).join(', then ')}</Table.Td>
                            <Table.Td>
                                {into === undefined || into === null ? 'nowhere yet' : `${partName(job, `device:${into.device}`)}, socket ${into.socket}`}
                                {into !== undefined && into !== null && plugsAt(job.plan, into.device, into.socket) > 1 && <Verdict good={false}>{plugsAt(job.plan, into.device, into.socket)} plugs for this socket, which takes one</Verdict>}
                            </Table.Td>
                            <Table.Td>{functionWords(judged?.functions ?? [])}</Table.Td>
                            <Table.Td>{functionWords(judged?.lost ?? [])}</Table.Td>
                            <Table.Td className="figure">{length(cableThere(transducer), system)}</Table.Td>
                            <Table.Td className="figure">{length(judged?.cable_needed_m ?? null, system)}</Table.Td>
                        </Table.Tr>
                    );
                })}
            </Table.Tbody>
        </Table>
    );
}
