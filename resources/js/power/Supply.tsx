import { Button } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { PlannedJob, SupplySchool } from '../api/types';
import { hours, volts } from '../units/units';
import classes from './Supply.module.css';
import type { PlanEdits } from './usePlanEdits';

type Figures = NonNullable<SupplySchool['figures']>;

const LINES: [string, (figures: Figures) => string][] = [
    ['lowest screen, nothing on', (figures) => volts(figures.rest_v, 2)],
    ['lowest screen, everything on', (figures) => volts(figures.loaded_v, 2)],
    ['lowest screen while the engine cranks', (figures) => (figures.cranking_v === null ? 'no starter' : volts(figures.cranking_v, 2))],
    ['may restart', (figures) => String(figures.brown_outs)],
    ['electronics alone, full to floor', (figures) => hours(figures.hours)],
    ['batteries', (figures) => (figures.mass_kg === null ? '–' : `${figures.mass_kg.toFixed(1)} kg`)],
    ['stops, to decide', (figures) => `${figures.stops}, ${figures.decisions}`],
];

/** Where the electronics take their power from: the three schools on this boat, side by side. */
export function Supply({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const supply = useQuery({
        queryKey: ['supply', job.id, job.version.hash],
        queryFn: () => ask<{ schools: SupplySchool[] }>(`jobs/${job.id}/supply`),
        placeholderData: (before) => before,
        retry: false,
    });
    if (supply.data === undefined) {
        return <p>{supply.error === null ? 'Trying the schools…' : supply.error.message}</p>;
    }
    const schools = supply.data.schools;
    return (
        <div className={classes.pane} tabIndex={0} role="region" aria-label="Schools of supply">
            <table className={classes.table}>
                <thead>
                    <tr>
                        <th scope="col">Electronics from</th>
                        {schools.map((school) => (
                            <th key={school.school} scope="col" data-now={school.now || undefined}>
                                {school.label}
                                {school.now ? ' (now)' : ''}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {LINES.map(([label, of]) => (
                        <tr key={label}>
                            <th scope="row">{label}</th>
                            {schools.map((school) => (
                                <td key={school.school} data-figure={`supply:${school.school}:${label}`}>
                                    {school.figures === null ? '–' : of(school.figures)}
                                </td>
                            ))}
                        </tr>
                    ))}
                    <tr>
                        <th scope="row">
                            <span className="quiet">a choice is one change, undone by one</span>
                        </th>
                        {schools.map((school) => (
                            <td key={school.school}>
                                {school.missing !== null && <span className="quiet">{school.missing}</span>}
                                {school.patch !== null && job.can_change && (
                                    <Button size="compact-sm" variant="outline" aria-label={`Take it: ${school.label}`} onClick={() => void edits.submit(() => ({ patch: school.patch ?? [] }))}>
                                        Take it
                                    </Button>
                                )}
                            </td>
                        ))}
                    </tr>
                </tbody>
            </table>
        </div>
    );
}
