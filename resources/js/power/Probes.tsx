import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { MeterReading, PlannedJob } from '../api/types';
import { volts } from '../units/units';
import classes from './Probes.module.css';
import { partName } from '../boat/parts';

/** The points that the two probes of the meter stand on. */
export interface ProbePlaces {
    plus: string;
    minus: string;
}

/** A meter with two probes, to be put on any two posts, plugs or fuse-block buses of the boat. */
export function Probes({ job, probes, onProbe }: { job: PlannedJob; probes: ProbePlaces; onProbe: (which: 'plus' | 'minus', point: string) => void }) {
    const [state, setState] = useState('rest');
    const points = pointsOf(job);
    const reading = useQuery({
        queryKey: ['meter', job.id, job.version.hash, probes.plus, probes.minus, state],
        queryFn: () => ask<MeterReading>(`jobs/${job.id}/meter?${new URLSearchParams({ ...probes, state }).toString()}`),
        placeholderData: (before) => before,
        retry: false,
    });
    const probe = (label: string, which: 'plus' | 'minus') => (
        <label>
            {label}
            <select value={probes[which]} onChange={(event) => onProbe(which, event.currentTarget.value)}>
                {points.map(([point, name]) => (
                    <option key={point} value={point}>
                        {name}
                    </option>
                ))}
            </select>
        </label>
    );
    return (
        <section className={classes.meter} aria-label="Meter">
            <output className={classes.reading} data-figure="meter">
                {reading.data?.volts == null ? '–.–– V' : volts(reading.data.volts, 2)}
            </output>
            <div className={classes.probes}>
                {probe('Red probe', 'plus')}
                {probe('Black probe', 'minus')}
                <label>
                    While
                    <select value={state} onChange={(event) => setState(event.currentTarget.value)}>
                        <option value="rest">nothing is drawn</option>
                        <option value="loaded">everything is on</option>
                        <option value="lowest">everything is on, banks at their floor</option>
                    </select>
                </label>
            </div>
            {(reading.data?.says ?? reading.error?.message) !== undefined && <p className="quiet">{reading.data?.says ?? reading.error?.message}</p>}
        </section>
    );
}

/** Every point that a probe can be put on, and its name. */
function pointsOf(job: PlannedJob): [string, string][] {
    const both = (id: string, name: string): [string, string][] => [
        [`${id}+`, `${name} +`],
        [`${id}-`, `${name} −`],
    ];
    return [
        ...job.evaluation.banks.flatMap((bank) => bank.batteries.flatMap((battery) => both(battery.id, partName(job, `battery:${battery.id}`)))),
        ...(job.plan.blocks ?? []).flatMap((block) => (job.plan.feeds?.some((feed) => feed.to.block === block.id) === true ? both(block.id, partName(job, `block:${block.id}`)) : [])),
        ...(job.plan.devices ?? []).flatMap((device) => (job.evaluation.devices.find((figures) => figures.id === device.id)?.limit_pct == null ? [] : both(device.id, `plug of ${partName(job, `device:${device.id}`)}`))),
    ];
}
