import { Table } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { Meter, Passport, PlannedJob } from '../api/types';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { together } from '../units/together';
import { meterKey } from './useMeter';

const milliohms = (value: number | null) => (value === null ? '–' : `${value.toFixed(1)} mΩ`);

/** What each way was when it was first read, what it is, and which stretch has changed. */
export function PassportPane({ job, meter }: { job: PlannedJob; meter: Meter }) {
    return meter.passports.length === 0 ? <p>Nothing was read under load yet. The first reading of a way is what every later year is compared with.</p> : meter.passports.map((one) => <OfOneWay key={one.on} job={job} passport={one} />);
}

function OfOneWay({ job, passport }: { job: PlannedJob; passport: Passport }) {
    const queries = useQueryClient();
    const takeBack = useMutation({ mutationFn: (id: number) => ask(`jobs/${job.id}/load-tests/${id}`, { method: 'DELETE' }), onSuccess: () => void queries.invalidateQueries({ queryKey: meterKey(job.id) }) });
    return (
        <section aria-label={passport.label} data-passport={passport.on} style={{ paddingBlock: 8, borderBottom: '1px solid var(--hair)' }}>
            <h3 style={{ margin: 0, font: '600 1.25rem/1.2 var(--name)' }}>{passport.label.charAt(0).toUpperCase() + passport.label.slice(1)}</h3>
            <p style={{ marginBlock: '4px 6px' }} data-figure="passport">
                <Verdict good={passport.has_drifted ? false : passport.stretches.some((one) => one.excess_mohm !== null || one.shortfall_mohm !== null) ? null : true}>
                    {passport.has_drifted ? '⬣ ' : ''}
                    {together(passport.says)}
                </Verdict>
            </p>
            <Table>
                <HeadRow heads={['Stretch', 'Planned', 'First', 'Latest', 'More', 'Heats with']} />
                <Table.Tbody>
                    {passport.stretches.map((one) => (
                        <Table.Tr key={`${one.from} ${one.to}`}>
                            <Table.Th scope="row" fw={400}>
                                {together(`${one.from} to ${one.to}`)}
                            </Table.Th>
                            <Table.Td className="figure">{one.expected_mohm === null ? 'not known' : milliohms(one.expected_mohm)}</Table.Td>
                            <Table.Td className="figure">{milliohms(one.baseline_mohm ?? one.latest_mohm)}</Table.Td>
                            <Table.Td className="figure">
                                {milliohms(one.latest_mohm)} ± {one.off_mohm.toFixed(1)}
                            </Table.Td>
                            <Table.Td className="figure">{one.drift_mohm !== null ? <Verdict good={false}>⬣ {milliohms(one.drift_mohm)}</Verdict> : one.excess_mohm !== null ? <Verdict good={null}>▲ {milliohms(one.excess_mohm)}</Verdict> : one.shortfall_mohm !== null ? <Verdict good={null}>▼ {milliohms(one.shortfall_mohm)} less</Verdict> : '–'}</Table.Td>
                            <Table.Td className="figure">{one.watts === null ? '–' : `${one.watts.toFixed(1)} W`}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <ul style={{ listStyle: 'none', margin: '6px 0 0', padding: 0 }}>
                {passport.tests.map((test) => (
                    <li key={test.id} className="quiet">
                        {test.day}, {together(`${test.load}, ${test.amps.toFixed(1)} A at ${test.celsius} °C`)}, {test.meter}, {test.by}
                        {job.can_change && (
                            <>
                                {' '}
                                <Act aria-label={`Take back the reading of ${test.day}`} onClick={() => takeBack.mutate(test.id)}>
                                    take back
                                </Act>
                            </>
                        )}
                    </li>
                ))}
            </ul>
            {takeBack.error !== null && <p role="alert">{takeBack.error.message}</p>}
        </section>
    );
}
