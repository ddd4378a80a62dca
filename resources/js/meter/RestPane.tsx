import { Table } from '@mantine/core';

import { stationName } from '../boat/stationName';
import type { Meter, PlannedJob } from '../api/types';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { accepts, expected, rightFromTo, shown } from '../readings/figures';
import { together } from '../units/together';

interface Props {
    job: PlannedJob;
    meter: Meter;
    chosen: string | null;
    onPoint: (id: string) => void;
}

/** Every reading at rest, in the order in which it is taken: what must come, and what came. */
export function RestPane({ job, meter, chosen, onPoint }: Props) {
    return (
        <Table>
            <HeadRow heads={['Where', 'Place', 'Must show', 'Range', 'Read']} />
            <Table.Tbody>
                {meter.rest.map(({ of, place }) => {
                    const read = job.readings.find((one) => one.meter_point === of.id);
                    return (
                        <Table.Tr key={of.id} data-point={of.id} aria-current={of.id === chosen ? 'true' : undefined} bg={of.id === chosen ? 'var(--taken)' : undefined}>
                            <Table.Th scope="row" fw={400}>
                                <Act onClick={() => onPoint(of.id)}>{together(of.says)}</Act>
                            </Table.Th>
                            <Table.Td>{stationName(job, place)}</Table.Td>
                            <Table.Td className="figure" title={rightFromTo(of)}>
                                {expected(of)}
                            </Table.Td>
                            <Table.Td>{of.range}</Table.Td>
                            <Table.Td className="figure">
                                {read === undefined ? (
                                    '–'
                                ) : (
                                    <>
                                        {shown(read.volts, of.unit)}{' '}
                                        <Verdict good={accepts(of, read.volts)}>{accepts(of, read.volts) ? '✓ right' : '⬣ outside'}</Verdict>
                                    </>
                                )}
                            </Table.Td>
                        </Table.Tr>
                    );
                })}
            </Table.Tbody>
        </Table>
    );
}
