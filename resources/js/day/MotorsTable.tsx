import { Table, Title } from '@mantine/core';

import type { Day, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { amps, hours, percent } from '../units/units';

/** A by which two figures of one setting differ so that it matters */
const APART = 0.05;

/** For how long each motor turns how fast, and its amps there: its maker's and the law's, where they differ. */
export function MotorsTable({ job, motors }: { job: PlannedJob; motors: Day['motors'] }) {
    return (
        <>
            <Title order={3} size={15} mt={14}>
                Motors by setting
            </Title>
            <Table w="auto">
                <HeadRow heads={['Motor', 'Shaft speed', 'For', 'Draws', 'By the law']} />
                <Table.Tbody>
                    {motors.flatMap(({ id, settings }) =>
                        settings.map((one, at) => (
                            <Table.Tr key={`${id} ${one.speed}`} data-motor={id}>
                                {at === 0 && (
                                    <Table.Th scope="row" rowSpan={settings.length}>
                                        {partName(job, `device:${id}`)}
                                    </Table.Th>
                                )}
                                <Table.Td className="figure">{percent(100 * one.speed, 0)}</Table.Td>
                                <Table.Td className="figure">{hours(one.hours)}</Table.Td>
                                <Table.Td className="figure">{amps(one.amps)}</Table.Td>
                                <Table.Td className="figure">{Math.abs(one.amps - one.law) <= APART ? 'the same' : <Verdict good={null}>{amps(one.law)}: its own table prevails</Verdict>}</Table.Td>
                            </Table.Tr>
                        )),
                    )}
                </Table.Tbody>
            </Table>
            <p className="quiet">The law: amps rise with the shaft&rsquo;s speed to the power of 2.5, from 3 % of full for idling; common practice, its exponent unsure. What its maker says for each setting, or you measured, goes into the motor&rsquo;s own fields and is counted instead.</p>
        </>
    );
}
