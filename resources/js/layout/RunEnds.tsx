import { Checkbox, Group } from '@mantine/core';
import type { Layout, OtherRoutes, PlannedJob } from '../api/types';
import { PartField } from '../plan/PartField';
import { branchOf, feed } from '../boat/planParts';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, useUnits } from '../units/units';
import { stationName } from '../boat/stationName';

interface Props {
    job: PlannedJob;
    run: Layout['runs'][number];
    others: OtherRoutes['routes'];
    edits: PlanEdits;
}

const BESIDE = 'beside';

/** What is left at either end of a run, whether it drips, and whether its minus goes another way than its plus. */
export function RunEnds({ job, run, others, edits }: Props) {
    const { system } = useUnits();
    const fixed = !job.can_change;
    const asFeed = feed(job.plan, run.id);
    const laid = asFeed?.run ?? branchOf(job.plan, run.id)?.branch.run;
    const on = `${asFeed === undefined ? 'branch' : 'feed'}:${run.id}`;
    const minus = laid?.minus_route?.join() ?? BESIDE;
    const named = (stations: string[]) => `by ${stations.map((station) => stationName(job, station)).join(', ')}`;
    const ways = [...others.filter((other) => !other.now).map((other) => [other.stations.join(), named(other.stations)] as const)];
    const choices = [[BESIDE, 'beside its plus'] as const, ...ways, ...(minus === BESIDE || ways.some(([value]) => value === minus) ? [] : [[minus, named(minus.split(','))] as const])];
    return (
        <Group gap="4px 16px" align="baseline" role="group" aria-label={`Ends of ${run.label}`}>
            <label>
                slack at {run.from === null ? 'its source' : stationName(job, run.from)} <PartField edits={edits} readOnly={fixed} on={on} field="run.slack_from_m" label={`Slack at the source of ${run.label}`} value={length(laid?.slack_from_m, system)} />
            </label>
            <label>
                at {run.to === null ? 'its end' : stationName(job, run.to)} <PartField edits={edits} readOnly={fixed} on={on} field="run.slack_to_m" label={`Slack at the end of ${run.label}`} value={length(laid?.slack_to_m, system)} />
            </label>
            <label>
                minus goes{' '}
                <PlaceSelect
                    label={`Minus of ${run.label}`}
                    value={minus}
                    choices={choices}
                    readOnly={fixed}
                    onChosen={(way) => void edits.submit(() => ({ patch: [{ on, ...(way === BESIDE ? { unset: ['run.minus_route'] } : { set: { 'run.minus_route': way.split(',') } }) }] }))}
                />
            </label>
            <Checkbox
                    aria-label={`A drip loop before the end of ${run.label}`}
                    checked={laid?.drip_loop ?? true}
                    disabled={fixed}
                    onChange={(event) => {
                        const there = event.currentTarget.checked;
                        void edits.submit(() => ({ patch: [{ on, set: { 'run.drip_loop': there } }] }));
                    }}
                label={'a drip loop before its end'}
            />
        </Group>
    );
}
