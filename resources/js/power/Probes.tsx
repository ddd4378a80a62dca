import { NativeSelect, Stack } from '@mantine/core';
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

const WHILE = [
    { value: 'rest', label: 'nothing is drawn' },
    { value: 'loaded', label: 'everything is on' },
    { value: 'lowest', label: 'everything is on, banks at their floor' },
];

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
        <NativeSelect size="xs" label={label} value={probes[which]} data={points.map(([value, name]) => ({ value, label: name }))} onChange={(event) => onProbe(which, event.currentTarget.value)} />
    );
    return (
        <Stack component="section" gap={6} mb={10} aria-label="Meter">
            <output className={classes.reading} data-figure="meter">
                {reading.data?.volts == null ? '–.–– V' : volts(reading.data.volts, 2)}
            </output>
                {probe('Red probe', 'plus')}
                {probe('Black probe', 'minus')}
                <NativeSelect size="xs" label="While" value={state} data={WHILE} onChange={(event) => setState(event.currentTarget.value)} />
            {(reading.data?.says ?? reading.error?.message) !== undefined && <p className="quiet">{reading.data?.says ?? reading.error?.message}</p>}
        </Stack>
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
