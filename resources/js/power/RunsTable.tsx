import { Table } from '@mantine/core';

import type { PlannedJob, Run } from '../api/types';
import { amps, area, gauge, length, percent, useUnits, volts } from '../units/units';
import { BlockOfBranch } from './BlockOfBranch';
import { PlaceField } from '../plan/PlaceField';
import { branchOf, feed, partOf, protection, ratingField } from '../boat/planParts';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Region } from '../look/Region';
import classes from './RunsTable.module.css';
import type { PlanEdits } from '../plan/usePlanEdits';
import { WhyFigure } from '../why/WhyFigure';

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
    const type = (run: Run, field: string) => (text: string, shown: string) => edits.submit(() => ({ typed: { on: partOf(run), field, text, shown } }));
    return (
        <Region label="Runs">
            <Table className={classes.table}>
                <HeadRow heads={['Run', 'Amps', 'Length', 'Gauge', 'Other world', 'Drop', 'Limit', 'Carries', 'Fuse', 'From post or block', 'Old joints', 'Far short']} />
                <Table.Tbody>
                    {job.evaluation.runs.map((run) => {
                        if (run.of === 'lead') {
                            return (
                                <Table.Tr key={`lead-${run.id}`} className={classes.lead}>
                                    <Table.Th scope="row">lead of {partName(job, `device:${run.id}`)}</Table.Th>
                                    <Table.Td>{amps(run.current_a)}</Table.Td>
                                    <Table.Td>{length(run.length_m, system)}</Table.Td>
                                    <Table.Td>{gauge(run.gauge)}</Table.Td>
                                    <Table.Td>{area(run.area_mm2)}</Table.Td>
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
                        const rating = ratingField(job.plan, run);
                        const asFeed = feed(job.plan, run.id);
                        const first = asFeed === undefined ? undefined : protection(asFeed)[0];
                        return (
                            <Table.Tr key={run.id} aria-selected={run.id === selected} className={run.id === selected ? classes.selected : undefined}>
                                <Table.Th scope="row">
                                    <Act aria-pressed={run.id === selected} onClick={() => onSelect(partOf(run))}>
                                        {run.label}
                                    </Act>
                                </Table.Th>
                                <Table.Td>
                                    <WhyFigure passedBy figure={`run:${run.id}:current_a`} onWhy={onWhy}>
                                        {amps(run.current_a)}
                                    </WhyFigure>
                                </Table.Td>
                                <Table.Td>
                                    <PlaceField label={`Length of ${run.label}`} value={length(run.length_m, system)} readOnly={!job.can_change} onTyped={type(run, 'run.length_m')} />
                                </Table.Td>
                                <Table.Td>
                                    <PlaceField
                                        label={`Gauge of ${run.label}`}
                                        value={gauge(run.gauge)}
                                        chosen={run.gauge_chosen}
                                        readOnly={!job.can_change}
                                        onTyped={type(run, 'run.gauge')}
                                        figure={`run:${run.id}:gauge`}
                                    />
                                </Table.Td>
                                <Table.Td>{area(run.area_mm2)}</Table.Td>
                                <Table.Td>
                                    <WhyFigure passedBy figure={`run:${run.id}:drop_pct`} onWhy={onWhy}>
                                        {volts(run.drop_v, 2)} · {percent(run.drop_pct)}
                                    </WhyFigure>
                                </Table.Td>
                                <Table.Td>{percent(run.limit_pct)}</Table.Td>
                                <Table.Td>
                                    <WhyFigure passedBy figure={`run:${run.id}:ampacity_a`} onWhy={onWhy}>
                                        {amps(run.ampacity_a)}
                                    </WhyFigure>
                                </Table.Td>
                                <Table.Td>
                                    {rating === null ? (
                                        'none'
                                    ) : (
                                        <PlaceField
                                            label={`Fuse of ${run.label}`}
                                            value={amps(run.protection_a)}
                                            chosen={run.protection_chosen}
                                            readOnly={!job.can_change}
                                            onTyped={type(run, rating)}
                                            figure={`run:${run.id}:protection_a`}
                                        />
                                    )}
                                </Table.Td>
                                <Table.Td>
                                    {run.of === 'branch' ? (
                                        <BlockOfBranch job={job} run={run} edits={edits} />
                                    ) : first === undefined ? (
                                        ''
                                    ) : (
                                        <PlaceField
                                            label={`Distance of the fuse of ${run.label} from the post`}
                                            value={length(first.from_source_m, system)}
                                            readOnly={!job.can_change}
                                            onTyped={type(run, 'protection.0.from_source_m')}
                                        />
                                    )}
                                </Table.Td>
                                <Table.Td>
                                    <PlaceField label={`Old joints of ${run.label}, mΩ`} value={`${(asFeed?.run ?? branchOf(job.plan, run.id)?.branch.run)?.extra_mohm ?? 0} mΩ`} readOnly={!job.can_change} onTyped={type(run, 'run.extra_mohm')} />
                                </Table.Td>
                                <Table.Td>
                                    <WhyFigure passedBy figure={`run:${run.id}:far_short_a`} onWhy={onWhy}>
                                        {amps(run.far_short_a)}
                                    </WhyFigure>
                                </Table.Td>
                            </Table.Tr>
                        );
                    })}
                </Table.Tbody>
            </Table>
        </Region>
    );
}
