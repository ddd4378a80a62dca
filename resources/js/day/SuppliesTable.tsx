import { Button, Table, Title } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { DaySupply, PlannedJob } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { clock, useUnits, volts } from '../units/units';

/** Where the electronics take their power from, over the whole day: what lasts, how low it goes, what restarts when the engine is started. */
export function SuppliesTable({ job, edits, starts }: { job: PlannedJob; edits: PlanEdits; starts: number }) {
    const { system } = useUnits();
    const supplies = useQuery({ queryKey: ['day-supplies', job.id, job.version.hash], queryFn: () => ask<{ supplies: DaySupply[] }>(`jobs/${job.id}/day/supplies`), placeholderData: (before) => before, retry: false });
    const at = (minutes: number | null) => (minutes === null ? <Verdict good>never</Verdict> : <Verdict good={false}>{clock(starts + minutes, system)}</Verdict>);
    return (
        <>
            <Title order={3} size={15} mt={14}>
                Electronics over this day
            </Title>
            {supplies.data === undefined ? (
                <p role="status">{supplies.error?.message ?? 'Running the day for each…'}</p>
            ) : (
                <Table w="auto">
                    <HeadRow heads={['They take their power from', 'Least volts', 'Give out', 'Battery at its floor', 'Restart as the engine starts', ...(job.can_change ? ['Choice'] : [])]} />
                    <Table.Tbody>
                        {supplies.data.supplies.map((one) => (
                            <Table.Tr key={one.school} data-supply={one.school}>
                                <Table.Th scope="row">
                                    {one.label}
                                    {one.now && ' (now)'}
                                </Table.Th>
                                {one.day === null ? (
                                    <Table.Td colSpan={job.can_change ? 5 : 4}>
                                        <span className="quiet">{one.missing}</span>
                                    </Table.Td>
                                ) : (
                                    <>
                                        <Table.Td className="figure">{volts(one.day.least_v, 2)}</Table.Td>
                                        <Table.Td className="figure">{at(one.day.out_min)}</Table.Td>
                                        <Table.Td className="figure">{at(one.day.floor_min)}</Table.Td>
                                        <Table.Td>{one.day.restart.length === 0 ? 'none' : <Verdict good={false}>{one.day.restart.join(', ')}</Verdict>}</Table.Td>
                                        {job.can_change && (
                                            <Table.Td>
                                                {one.patch !== null && (
                                                    <Button size="compact-sm" variant="outline" aria-label={`Take it: ${one.label}`} onClick={() => void edits.submit(() => ({ patch: one.patch ?? [], reason: `Electronics from ${one.label}, by the day` }))}>
                                                        Take it
                                                    </Button>
                                                )}
                                            </Table.Td>
                                        )}
                                    </>
                                )}
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            )}
        </>
    );
}
