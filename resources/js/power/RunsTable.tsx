import { Table } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import { otherWorld } from '../units/bothWorlds';
import { amps, gauge, length, percent, useUnits, volts } from '../units/units';
import { partName } from '../boat/parts';
import { HeadRow } from '../look/HeadRow';
import { Region } from '../look/Region';
import classes from './RunsTable.module.css';
import { useLatest } from '../plan/useLatest';
import type { PlanEdits } from '../plan/usePlanEdits';
import { RunRow } from './RunRow';

interface Props {
    job: PlannedJob;
    selected: string;
    onSelect: (on: string) => void;
    edits: PlanEdits;
    onWhy: (figure: string) => void;
}

/** Every run as a line: the same as the power tree, for reading, typing and screen readers. */
export function RunsTable({ job, selected, onSelect, edits, onWhy }: Props) {
    const { system } = useUnits();
    const [chosen, asked] = [useLatest(onSelect), useLatest(onWhy)];
    return (
        <Region label="Runs">
            <Table className={classes.table}>
                <HeadRow heads={['Run', 'Amps', 'Length', 'Gauge', 'mm² or AWG', 'Drop', 'Limit', 'Carries', 'Fuse', 'From post or block', 'Old joints', 'Far short']} />
                <Table.Tbody>
                    {job.evaluation.runs.map((run) => {
                        if (run.of === 'lead') {
                            return (
                                <Table.Tr key={`lead-${run.id}`} className={classes.lead}>
                                    <Table.Th scope="row">lead of {partName(job, `device:${run.id}`)}</Table.Th>
                                    <Table.Td>{amps(run.current_a)}</Table.Td>
                                    <Table.Td>{length(run.length_m, system)}</Table.Td>
                                    <Table.Td>{gauge(run.gauge)}</Table.Td>
                                    <Table.Td>{otherWorld(run.gauge)}</Table.Td>
                                    <Table.Td>
                                        {volts(run.drop_v, 2)} · {percent(run.drop_pct)}
                                    </Table.Td>
                                    <Table.Td />
                                    <Table.Td>{amps(run.ampacity_a)}</Table.Td>
                                    <Table.Td />
                                    <Table.Td />
                                    <Table.Td />
                                    <Table.Td>{amps(run.far_short_a)}</Table.Td>
                                </Table.Tr>
                            );
                        }
                        return <RunRow key={run.id} job={job} run={run} system={system} isSelected={run.id === selected} edits={edits} onSelect={chosen} onWhy={asked} />;
                    })}
                </Table.Tbody>
            </Table>
        </Region>
    );
}
