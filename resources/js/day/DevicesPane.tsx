import { Table } from '@mantine/core';

import type { DayRun, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { clock, useUnits, volts } from '../units/units';

/** Each device over the day: what it took, the least volts that it drew at, and when it went out. */
export function DevicesPane({ job, run, onSelect }: { job: PlannedJob; run: DayRun; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    const kind = (id: string) => (job.plan.devices?.some((device) => device.id === id) === true ? 'device' : 'backbone');
    return (
        <Table>
            <HeadRow heads={['Device', 'Ah', 'Wh', 'Least volts', 'Works from', 'Gives out']} />
            <Table.Tbody>
                {[...run.devices]
                    .sort((one, other) => other.wh - one.wh)
                    .map((device) => (
                        <Table.Tr key={device.id} data-device={device.id}>
                            <Table.Th scope="row">
                                <Act onClick={() => onSelect(`${kind(device.id)}:${device.id}`)}>{partName(job, `${kind(device.id)}:${device.id}`)}</Act>
                            </Table.Th>
                            <Table.Td className="figure">{device.ah.toFixed(1)}</Table.Td>
                            <Table.Td className="figure">{device.wh.toFixed(0)}</Table.Td>
                            <Table.Td className="figure">{device.volts_trip_min === null ? 'not on' : volts(device.volts_trip_min, 2)}</Table.Td>
                            <Table.Td className="figure">{volts(device.v_min)}</Table.Td>
                            <Table.Td className="figure">{device.minutes_until === null ? 'never' : <Verdict good={false}>{clock(run.starts_min + device.minutes_until, system)}</Verdict>}</Table.Td>
                        </Table.Tr>
                    ))}
            </Table.Tbody>
        </Table>
    );
}
