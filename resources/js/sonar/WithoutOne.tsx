import { Table, Title } from '@mantine/core';

import type { PlannedJob, Sonar } from '../api/types';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { amps } from '../units/units';

/** h after which a bank lasts longer than anybody leaves a boat alone */
const HOURS_OF_A_DAY = 24;

/** What is lost while one thing is off, where all of it is shut off, and what stays awake. */
export function WithoutOne({ job, sonar, onSelect }: { job: PlannedJob; sonar: Sonar; onSelect: (on: string) => void }) {
    const names = (kind: string, ids: readonly string[]) => ids.map((id) => partName(job, `${kind}:${id}`)).join(', ');
    const consumer = (id: string) => partName(job, (job.plan.devices ?? []).some((device) => device.id === id) ? `device:${id}` : `backbone:${id}`);
    const { places, leaves } = sonar.shut_off;
    return (
        <>
            <Title order={3} size={15} mt={12}>
                With one thing off
            </Title>
            {sonar.outages.length === 0 ? (
                <p>No single thing takes anything from a screen.</p>
            ) : (
                <Table>
                    <HeadRow heads={['Off', 'Goes dark', 'Seen no more']} />
                    <Table.Tbody>
                        {sonar.outages.map((outage) => (
                            <Table.Tr key={outage.off} data-off={outage.off}>
                                <Table.Th scope="row">
                                    <Act onClick={() => onSelect(outage.off)}>{partName(job, outage.off)}</Act>
                                </Table.Th>
                                <Table.Td>{[names('device', outage.dark), names('backbone', outage.backbones)].filter(Boolean).join(', ')}</Table.Td>
                                <Table.Td>{outage.lost.map(({ screen, transducers }) => `${names('transducer', transducers)} at ${partName(job, `device:${screen}`)}`).join('; ')}</Table.Td>
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            )}
            <Title order={3} size={15} mt={12}>
                Shutting all of it off
            </Title>
            <p data-figure="shut-off">
                {places.length === 0 ? 'No switch shuts any of it off.' : places.length === 1 ? `At one place: the switch of ${partName(job, places[0] ?? '')}.` : `At ${places.length} places: the switches of ${places.map((place) => partName(job, place)).join(', ')}.`}
                {leaves.length > 0 && ` Stays on: ${leaves.map(consumer).join(', ')}.`}
            </p>
            {sonar.awake.map((one) => (
                <p key={one.device} data-awake={one.device}>
                    {partName(job, `device:${one.device}`)} never sleeps: it draws {amps(one.amps)}
                    {one.hours === null ? '.' : `, and with all that stays awake ${partName(job, `bank:${one.bank}`)} is flat after ${one.hours < 2 * HOURS_OF_A_DAY ? `${one.hours.toFixed(0)} h` : `${Math.floor(one.hours / HOURS_OF_A_DAY)} days`}, from full.`}
                </p>
            ))}
        </>
    );
}
