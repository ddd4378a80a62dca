import { Button, FileInput, Group, NativeSelect, NumberInput, Stack, Table } from '@mantine/core';

import type { MonitorLog, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { HeadRow } from '../look/HeadRow';
import { Region } from '../look/Region';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, clock, hours, percent, useUnits, volts } from '../units/units';
import type { LogChoice } from './useMonitorLog';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    banks: readonly string[];
    choice: LogChoice | null;
    onChoice: (choice: LogChoice | null) => void;
    log: MonitorLog | undefined;
    problem: string | null;
}

/** A log of any monitor: how it was understood, open to be said otherwise; then what it says beside the plan. */
export function LogImport({ job, edits, banks, choice, onChoice, log, problem }: Props) {
    const choose = (file: File | null) =>
        file === null ? onChoice(null) : void file.text().then((text) => onChoice({ id: Date.now(), name: file.name, text, bank: choice?.bank ?? banks[0] ?? '', columns: null, out: null, zone: null, begins: null }));
    return (
        <Stack gap={10}>
            <Group align="flex-end" gap={12}>
                <FileInput label="Log of a monitor" description="CSV, with a line of names; it is read and not kept" placeholder="Choose a file" accept=".csv,.txt,.tsv,text/csv" w={280} clearable clearButtonProps={{ 'aria-label': 'Put the log away' }} onChange={choose} />
                {choice !== null && <NativeSelect label="It watched" value={choice.bank} data={banks.map((bank) => ({ value: bank, label: partName(job, `bank:${bank}`) }))} onChange={(event) => onChoice({ ...choice, bank: event.currentTarget.value })} />}
            </Group>
            {choice !== null && log === undefined && <p role="status">{problem === null ? 'Reading the log…' : <Verdict good={false}>{problem}</Verdict>}</p>}
            {choice !== null && log !== undefined && (
                <>
                    {problem !== null && (
                        <p role="alert">
                            <Verdict good={false}>{problem}</Verdict>
                        </p>
                    )}
                    <LogForm choice={choice} onChoice={onChoice} log={log} />
                    <LogSays job={job} edits={edits} log={log} name={choice.name} />
                </>
            )}
        </Stack>
    );
}

/** The first lines as they stand, each column under what it was taken for. */
function LogForm({ choice, onChoice, log }: { choice: LogChoice; onChoice: (choice: LogChoice) => void; log: MonitorLog }) {
    const taken = Object.fromEntries(log.columns.flatMap(({ column, number }) => (number === null ? [] : [[column, number]])));
    const take = (number: number, column: string) => {
        const others = Object.fromEntries(Object.entries(taken).filter(([name, at]) => at !== number && name !== column));
        onChoice({ ...choice, columns: column === '' ? others : { ...others, [column]: number } });
    };
    return (
        <>
            <Region label="The log as it was understood">
                <Table w="auto" data-log-preview="">
                    <Table.Thead>
                        <Table.Tr>
                            {log.heads.map((head, number) => (
                                <Table.Th key={number} scope="col">
                                    <NativeSelect
                                        size="xs"
                                        label={head === '' ? `column ${number + 1}` : head}
                                        value={log.columns.find((one) => one.number === number)?.column ?? ''}
                                        data={[{ value: '', label: 'left out' }, ...log.columns.map(({ column, label }) => ({ value: column, label }))]}
                                        onChange={(event) => take(number, event.currentTarget.value)}
                                    />
                                </Table.Th>
                            ))}
                        </Table.Tr>
                    </Table.Thead>
                    <Table.Tbody>
                        {log.rows.map((row, at) => (
                            <Table.Tr key={at}>
                                {log.heads.map((_, number) => (
                                    <Table.Td key={number} className="figure">
                                        {row[number] ?? ''}
                                    </Table.Td>
                                ))}
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            </Region>
            <Group gap={12} align="flex-end">
                <NativeSelect
                    label="Current out of the battery"
                    value={log.out_is_plus ? 'plus' : 'minus'}
                    data={[
                        { value: 'plus', label: 'is above zero' },
                        { value: 'minus', label: 'is below zero' },
                    ]}
                    onChange={(event) => onChoice({ ...choice, out: event.currentTarget.value === 'plus' ? 'plus' : 'minus' })}
                />
                {log.has_zone && <NumberInput label="The boat's clock before UTC" suffix=" h" value={log.zone_h} min={-14} max={14} step={1} w={190} onChange={(value) => typeof value === 'number' && onChoice({ ...choice, zone: value, begins: null })} />}
                <NumberInput label="Begins after leaving" suffix=" min" value={Math.round(log.begins_min)} min={-1440} max={14_400} step={5} w={190} onChange={(value) => typeof value === 'number' && value !== Math.round(log.begins_min) && onChoice({ ...choice, begins: value })} />
            </Group>
        </>
    );
}

/** What it comes to, what is missing in it, and the plan's shares fitted to it. */
function LogSays({ job, edits, log, name }: { job: PlannedJob; edits: PlanEdits; log: MonitorLog; name: string }) {
    const { system } = useUnits();
    const missing = log.gaps.reduce((all, gap) => all + gap.minutes, 0);
    const { fit } = log;
    return (
        <>
            <p data-figure="log">
                {log.readings} readings over {hours(log.minutes / 60)}
                {log.starts_min !== null && `, from ${clock(log.starts_min, system)}`}: {log.ah_out.toFixed(1)} Ah out{log.volts_min !== null && `, ${volts(log.volts_min, 2)} at the least`}.
                {log.gaps.length > 0 && <Verdict good={null}> {log.gaps.length === 1 ? 'One gap' : `${log.gaps.length} gaps`} of {hours(missing / 60)} in all: nothing is counted there.</Verdict>}
                {log.skipped > 0 && <Verdict good={null}> {log.skipped === 1 ? 'One line is' : `${log.skipped} lines are`} no reading and left out; the first: &ldquo;{log.first_skipped}&rdquo;.</Verdict>}
            </p>
            {fit === null ? (
                <p className="quiet">Without a current and a planned day there is nothing to fit.</p>
            ) : (
                <>
                    <strong style={{ fontSize: '1.125rem' }} data-figure="fit">
                        {amps(fit.before_a)} beside the plan on average; {amps(fit.residual_a)} once its shares are fitted.
                    </strong>
                    <Table w="auto">
                        <HeadRow heads={['Phase', 'Measured', 'Planned', 'Fitted', 'Shares']} />
                        <Table.Tbody>
                            {fit.phases.map((phase, at) => (
                                <Table.Tr key={at} data-fit={at}>
                                    <Table.Th scope="row">{phase.name === '' ? `phase ${at + 1}` : phase.name}</Table.Th>
                                    <Table.Td className="figure">{phase.measured_a === null ? 'nothing' : amps(phase.measured_a)}</Table.Td>
                                    <Table.Td className="figure">{amps(phase.planned_a)}</Table.Td>
                                    <Table.Td className="figure">{amps(phase.fitted_a)}</Table.Td>
                                    <Table.Td>{phase.shares.length === 0 ? 'as planned' : phase.shares.map(({ device, planned, fitted }) => `${partName(job, `device:${device}`)} ${percent(100 * planned, 0)} → ${percent(100 * fitted, 1)}`).join('; ')}</Table.Td>
                                </Table.Tr>
                            ))}
                        </Table.Tbody>
                    </Table>
                    {fit.patch !== null && job.can_change && (
                        <Button w="fit-content" size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ patch: fit.patch ?? [], reason: `Shares fitted to the log ${name}` }))}>
                            Plan it as it was measured
                        </Button>
                    )}
                    <p className="quiet">One current cannot tell two devices apart: in each phase motors are changed before all else, by one factor. What is left is what no share explains, a phase that was longer than planned among it.</p>
                </>
            )}
        </>
    );
}
