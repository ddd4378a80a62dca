import type { PlannedJob, Run } from '../api/types';
import { amps, area, gauge, length, percent, useUnits, volts } from '../units/units';
import { BlockOfBranch } from './BlockOfBranch';
import { PlaceField } from '../plan/PlaceField';
import { branchOf, feed, partOf, protection, ratingField } from '../boat/planParts';
import { partName } from '../boat/parts';
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
        <div className={classes.pane} tabIndex={0} role="region" aria-label="Runs">
            <table className={classes.table}>
                <thead>
                    <tr>
                        {['Run', 'Amps', 'Length', 'Gauge', 'Area', 'Drop', 'Limit', 'Carries', 'Fuse', 'From post or block', 'Old joints', 'Far short'].map((title) => (
                            <th key={title} scope="col">
                                {title}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {job.evaluation.runs.map((run) => {
                        if (run.of === 'lead') {
                            return (
                                <tr key={`lead-${run.id}`} className={classes.lead}>
                                    <th scope="row">lead of {partName(job, `device:${run.id}`)}</th>
                                    <td>{amps(run.current_a)}</td>
                                    <td>{length(run.length_m, system)}</td>
                                    <td>{gauge(run.gauge)}</td>
                                    <td>{area(run.area_mm2)}</td>
                                    <td>
                                        {volts(run.drop_v, 2)} · {percent(run.drop_pct)}
                                    </td>
                                    <td />
                                    <td>{amps(run.ampacity_a)}</td>
                                    <td />
                                    <td />
                                    <td />
                                    <td>{amps(run.far_short_a)}</td>
                                </tr>
                            );
                        }
                        const rating = ratingField(job.plan, run);
                        const asFeed = feed(job.plan, run.id);
                        const first = asFeed === undefined ? undefined : protection(asFeed)[0];
                        return (
                            <tr key={run.id} aria-selected={run.id === selected} className={run.id === selected ? classes.selected : undefined}>
                                <th scope="row">
                                    <button type="button" className="plain" aria-pressed={run.id === selected} onClick={() => onSelect(partOf(run))}>
                                        {run.label}
                                    </button>
                                </th>
                                <td>
                                    <WhyFigure passedBy figure={`run:${run.id}:current_a`} onWhy={onWhy}>
                                        {amps(run.current_a)}
                                    </WhyFigure>
                                </td>
                                <td>
                                    <PlaceField label={`Length of ${run.label}`} value={length(run.length_m, system)} readOnly={!job.can_change} onTyped={type(run, 'run.length_m')} />
                                </td>
                                <td>
                                    <PlaceField
                                        label={`Gauge of ${run.label}`}
                                        value={gauge(run.gauge)}
                                        chosen={run.gauge_chosen}
                                        readOnly={!job.can_change}
                                        onTyped={type(run, 'run.gauge')}
                                        figure={`run:${run.id}:gauge`}
                                    />
                                </td>
                                <td>{area(run.area_mm2)}</td>
                                <td>
                                    <WhyFigure passedBy figure={`run:${run.id}:drop_pct`} onWhy={onWhy}>
                                        {volts(run.drop_v, 2)} · {percent(run.drop_pct)}
                                    </WhyFigure>
                                </td>
                                <td>{percent(run.limit_pct)}</td>
                                <td>
                                    <WhyFigure passedBy figure={`run:${run.id}:ampacity_a`} onWhy={onWhy}>
                                        {amps(run.ampacity_a)}
                                    </WhyFigure>
                                </td>
                                <td>
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
                                </td>
                                <td>
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
                                </td>
                                <td>
                                    <PlaceField label={`Old joints of ${run.label}, mΩ`} value={`${(asFeed?.run ?? branchOf(job.plan, run.id)?.branch.run)?.extra_mohm ?? 0} mΩ`} readOnly={!job.can_change} onTyped={type(run, 'run.extra_mohm')} />
                                </td>
                                <td>
                                    <WhyFigure passedBy figure={`run:${run.id}:far_short_a`} onWhy={onWhy}>
                                        {amps(run.far_short_a)}
                                    </WhyFigure>
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </div>
    );
}
