import { Stack, Table, Title } from '@mantine/core';

import type { Day, MonitorLog, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, percent, volts } from '../units/units';
import { LiveMonitor, type LiveReading } from './LiveMonitor';
import { LogImport } from './LogImport';
import type { LogChoice } from './useMonitorLog';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    monitors: Day['monitors'];
    choice: LogChoice | null;
    onChoice: (choice: LogChoice | null) => void;
    log: MonitorLog | undefined;
    problem: string | null;
    live: boolean;
    onLive: (on: boolean) => void;
    onReading: (reading: LiveReading | null) => void;
    onSelect: (on: string) => void;
}

/** The battery monitors: what each is to be told, and what one wrote down, over the day that was planned. */
export function MonitorPane({ job, edits, monitors, choice, onChoice, log, problem, live, onLive, onReading, onSelect }: Props) {
    return (
        <Stack gap={14}>
            <LiveMonitor job={job} isOn={live} onOn={onLive} onReading={onReading} />
            <LogImport job={job} edits={edits} banks={monitors.map(({ bank }) => bank)} choice={choice} onChoice={onChoice} log={log} problem={problem} />
            <Title order={3} size={15}>
                What each monitor is told
            </Title>
            <Table>
                <HeadRow heads={['Bank', 'Capacity', 'Charged: volts', 'and current below', 'Peukert', 'Charge kept', 'Alarm at', 'rested at', 'Shunt', 'Passes it by']} />
                <Table.Tbody>
                    {monitors.map((one) => (
                        <Table.Tr key={one.bank} data-monitor={one.bank}>
                            <Table.Th scope="row">
                                <Act onClick={() => onSelect(`bank:${one.bank}`)}>{partName(job, `bank:${one.bank}`)}</Act>
                            </Table.Th>
                            <Table.Td className="figure">
                                {one.capacity_ah} Ah
                                {one.shunt_set_ah !== null && Math.abs(one.shunt_set_ah - one.capacity_ah) > 0.5 && <Verdict good={false}> set to {one.shunt_set_ah} Ah</Verdict>}
                            </Table.Td>
                            <Table.Td className="figure">{volts(one.charged_v)}</Table.Td>
                            <Table.Td className="figure">{amps(one.tail_a)}</Table.Td>
                            <Table.Td className="figure">{one.peukert?.toFixed(2) ?? 'its maker knows'}</Table.Td>
                            <Table.Td className="figure">{percent(100 * one.efficiency, 0)}</Table.Td>
                            <Table.Td className="figure">{percent(one.alarm === null ? null : 100 * one.alarm, 0)}</Table.Td>
                            <Table.Td className="figure">{volts(one.alarm_v)}</Table.Td>
                            <Table.Td className="figure">{one.shunt_a === null ? 'none' : `${one.shunt_a} A`}</Table.Td>
                            <Table.Td>{one.shunt_a === null ? '–' : one.passes_by.length === 0 ? 'nothing' : one.passes_by.join(' ')}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <p className="quiet">
                Blocks in series add volts, not Ah: a string has the capacity of one block, strings in parallel that of all. The shunt sits in the bank&rsquo;s negative, every load&rsquo;s and charger&rsquo;s minus on its load side. Charged volts and current are common practice; the battery maker&rsquo;s figures prevail.
            </p>
        </Stack>
    );
}
