import { Button, Table, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { PlannedJob, SupplySchool } from '../api/types';
import { useWritten } from '../units/conventions';
import { hours, volts } from '../units/units';
import { Region } from '../look/Region';
import classes from './Supply.module.css';
import type { PlanEdits } from '../plan/usePlanEdits';
import { WhyFigure } from '../why/WhyFigure';

type Figures = NonNullable<SupplySchool['figures']>;

const LINES: [keyof Figures, string, (figures: Figures, money: (value: number | null) => string) => string][] = [
    ['rest_v', 'lowest screen, nothing on', (figures) => volts(figures.rest_v, 2)],
    ['loaded_v', 'lowest screen, everything on', (figures) => volts(figures.loaded_v, 2)],
    ['cranking_v', 'lowest screen while the engine cranks', (figures) => (figures.cranking_v === null ? 'no starter' : volts(figures.cranking_v, 2))],
    ['brown_outs', 'may restart', (figures) => String(figures.brown_outs)],
    ['hours', 'electronics alone, full to floor', (figures) => hours(figures.hours)],
    ['mass_kg', 'batteries', (figures) => (figures.mass_kg === null ? '–' : `${figures.mass_kg.toFixed(1)} kg`)],
    ['cost', 'to buy for it', (figures, money) => `${figures.cost === 0 ? 'nothing' : money(figures.cost)}${figures.unpriced.length > 0 ? ' and more' : ''}`],
    ['stops', 'stops, to decide', (figures) => `${figures.stops}, ${figures.decisions}`],
];

/** Where the electronics take their power from: the three schools on this boat, side by side. */
export function Supply({ job, edits, onWhy }: { job: PlannedJob; edits: PlanEdits; onWhy: (figure: string) => void }) {
    const { money } = useWritten();
    const [reason, setReason] = useState('');
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
    const choosable = job.can_change && schools.some((school) => school.patch !== null);
    return (
        <Region label="Schools of supply">
            {choosable && <TextInput className={classes.reason} size="xs" label="Why one of these is taken, for the log" description="a choice is one change, undone by one" maxLength={250} value={reason} onChange={(event) => setReason(event.currentTarget.value)} />}
            <Table className={classes.table} w="auto">
                <Table.Thead>
                    <Table.Tr>
                        <Table.Th scope="col">Electronics from</Table.Th>
                        {schools.map((school) => (
                            <Table.Th key={school.school} scope="col" data-now={school.now || undefined}>
                                {school.label}
                                {school.now ? ' (now)' : ''}
                                {school.missing !== null && <span className={classes.missing}>{school.missing}</span>}
                                {school.patch !== null && job.can_change && (
                                    <Button
                                        ml={10}
                                        size="compact-sm"
                                        variant="outline"
                                        aria-label={`Take it: ${school.label}`}
                                        onClick={() =>
                                            void edits
                                                .submit(() => ({ patch: school.patch ?? [], reason: [`Electronics from ${school.label}`, reason.trim()].filter(Boolean).join(': ') }))
                                                .then((kept) => kept && setReason(''))
                                        }
                                    >
                                        Take it
                                    </Button>
                                )}
                            </Table.Th>
                        ))}
                    </Table.Tr>
                </Table.Thead>
                <Table.Tbody>
                    {LINES.map(([key, label, of]) => (
                        <Table.Tr key={label}>
                            <Table.Th scope="row">{label}</Table.Th>
                            {schools.map((school) => (
                                <Table.Td key={school.school}>
                                    {school.figures === null ? (
                                        <span data-figure={`supply:${school.school}:${label}`}>–</span>
                                    ) : (
                                        <WhyFigure figure={`supply:${school.school}:${key}`} mark={`supply:${school.school}:${label}`} onWhy={onWhy}>
                                            {of(school.figures, money)}
                                        </WhyFigure>
                                    )}
                                </Table.Td>
                            ))}
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
        </Region>
    );
}
