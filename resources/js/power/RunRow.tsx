import { Table } from '@mantine/core';
import { memo } from 'react';

import type { PlannedJob, Run } from '../api/types';
import { branchOf, feed, partOf, protection, ratingField } from '../boat/planParts';
import { Act } from '../look/Act';
import { PlaceField } from '../plan/PlaceField';
import type { PlanEdits } from '../plan/usePlanEdits';
import { otherWorld } from '../units/bothWorlds';
import { amps, gauge, length, percent, type System, volts } from '../units/units';
import { WhyFigure } from '../why/WhyFigure';
import { BlockOfBranch } from './BlockOfBranch';
import classes from './RunsTable.module.css';

interface Props {
    job: PlannedJob;
    run: Run;
    system: System;
    isSelected: boolean;
    edits: PlanEdits;
    onSelect: (on: string) => void;
    onWhy: (figure: string) => void;
}

/** A run as a line. Drawn anew only when something of it is another: a key press changes one of many. */
export const RunRow = memo(function RunRow({ job, run, system, isSelected, edits, onSelect, onWhy }: Props) {
    const type = (field: string) => (text: string, shown: string) => edits.submit(() => ({ typed: { on: partOf(run), field, text, shown } }));
    const rating = ratingField(job.plan, run);
    const asFeed = feed(job.plan, run.id);
    const first = asFeed === undefined ? undefined : protection(asFeed)[0];
    return (
        <Table.Tr aria-selected={isSelected} className={isSelected ? classes.selected : undefined}>
            <Table.Th scope="row">
                <Act aria-pressed={isSelected} onClick={() => onSelect(partOf(run))}>
                    {run.label}
                </Act>
            </Table.Th>
            <Table.Td>
                <WhyFigure passedBy figure={`run:${run.id}:current_a`} onWhy={onWhy}>
                    {amps(run.current_a)}
                </WhyFigure>
            </Table.Td>
            <Table.Td>
                <PlaceField label={`Length of ${run.label}`} value={length(run.length_m, system)} readOnly={!job.can_change} onTyped={type('run.length_m')} />
            </Table.Td>
            <Table.Td>
                <PlaceField
                    label={`Gauge of ${run.label}`}
                    value={gauge(run.gauge)}
                    chosen={run.gauge_chosen}
                    readOnly={!job.can_change}
                    onTyped={type('run.gauge')}
                    figure={`run:${run.id}:gauge`}
                />
            </Table.Td>
            <Table.Td>{otherWorld(run.gauge)}</Table.Td>
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
                        onTyped={type(rating)}
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
                        onTyped={type('protection.0.from_source_m')}
                    />
                )}
            </Table.Td>
            <Table.Td>
                <PlaceField label={`Old joints of ${run.label}, mΩ`} value={`${(asFeed?.run ?? branchOf(job.plan, run.id)?.branch.run)?.extra_mohm ?? 0} mΩ`} readOnly={!job.can_change} onTyped={type('run.extra_mohm')} />
            </Table.Td>
            <Table.Td>
                <WhyFigure passedBy figure={`run:${run.id}:far_short_a`} onWhy={onWhy}>
                    {amps(run.far_short_a)}
                </WhyFigure>
            </Table.Td>
        </Table.Tr>
    );
}, isSame);

/** What the server sends again unchanged stays the same object. */
function isSame(before: Props, now: Props): boolean {
    return (
        before.run === now.run &&
        before.system === now.system &&
        before.isSelected === now.isSelected &&
        before.onSelect === now.onSelect &&
        before.onWhy === now.onWhy &&
        before.job.can_change === now.job.can_change &&
        before.job.names === now.job.names &&
        before.job.plan.blocks === now.job.plan.blocks &&
        feed(before.job.plan, before.run.id) === feed(now.job.plan, now.run.id)
    );
}
