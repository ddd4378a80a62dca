import { Table } from '@mantine/core';

import type { PlannedJob, Sonar } from '../api/types';
import type { DataSide } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { HeadRow } from '../look/HeadRow';
import { functionWords } from './functionWords';
import { WithoutOne } from './WithoutOne';

/** Screens against transducers: what each shows, and by which device it comes. */
export function SeesPane({ job, network, sonar, onSelect }: { job: PlannedJob; network: DataSide; sonar: Sonar | undefined; onSelect: (on: string) => void }) {
    const planned = job.plan.network?.transducers ?? [];
    if (network.screens.length === 0) {
        return <p>This boat has no screen yet. Screens are put in at Power.</p>;
    }
    return (
        <>
        <Table>
            <HeadRow heads={['Screen', ...planned.map((transducer) => partName(job, `transducer:${transducer.id}`))]} />
            <Table.Tbody>
                {network.screens.map((screen) => (
                    <Table.Tr key={screen.device} data-screen={screen.device}>
                        <Table.Th scope="row">{partName(job, `device:${screen.device}`)}</Table.Th>
                        {planned.map((transducer) => {
                            const judged = network.transducers.find(({ id }) => id === transducer.id);
                            const by = transducer.to?.device;
                            return (
                                <Table.Td key={transducer.id}>
                                    {!screen.sees.includes(transducer.id) || judged === undefined ? <span className="quiet">not seen</span> : `${functionWords(judged.functions)}${by === screen.device ? ', plugged in here' : by === undefined ? '' : `, by way of ${partName(job, `device:${by}`)}`}`}
                                </Table.Td>
                            );
                        })}
                    </Table.Tr>
                ))}
            </Table.Tbody>
        </Table>
        {sonar !== undefined && <WithoutOne job={job} sonar={sonar} onSelect={onSelect} />}
        </>
    );
}
