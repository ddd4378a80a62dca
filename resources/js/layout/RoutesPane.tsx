import { Box, Button, Table, Title } from '@mantine/core';

import { Act } from '../look/Act';
import type { Layout, PlannedJob } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { partOf, run as runOf } from '../boat/planParts';
import type { PlanEdits } from '../plan/usePlanEdits';
import { gauge, length, useUnits } from '../units/units';
import { RunEnds } from './RunEnds';
import { useOtherRoutes } from './useOtherRoutes';
import { stationName } from '../boat/stationName';

interface Props {
    job: PlannedJob;
    layout: Layout;
    edits: PlanEdits;
    run: string;
    onRun: (run: string) => void;
}

/** The runs with the ways they take; of the one in hand the other ways it could go, each with what it costs. */
export function RoutesPane({ job, layout, edits, run, onRun }: Props) {
    const { system } = useUnits();
    const routes = useOtherRoutes(job, run);
    const others = routes.data?.routes ?? [];
    const waits = routes.isPlaceholderData || routes.isFetching;
    const chosen = runOf(job, run);
    const there = layout.runs.find((one) => one.id === run);
    const named = (stations: string[]) => stations.map((station) => stationName(job, station)).join(', ');
    const take = (stations: string[]) =>
        void edits.submit((now) => {
            const sized = runOf(now, run);
            return sized === undefined ? null : { patch: [{ on: partOf(sized), set: { 'run.route': stations, 'run.length_m': null } }] };
        });
    return (
        <>
            <div tabIndex={0} role="region" aria-label="Runs">
                <Table>
                    <HeadRow heads={['run', 'length', 'gauge', 'way']} />
                    <Table.Tbody>
                        {layout.runs.map((one) => {
                            const sized = runOf(job, one.id);
                            return (
                                <Table.Tr key={one.id} data-chosen={one.id === run || undefined}>
                                    <Table.Td>
                                        <Act aria-pressed={one.id === run} onClick={() => onRun(one.id)}>
                                            {one.label}
                                        </Act>
                                    </Table.Td>
                                    <Table.Td className="figure" data-figure={`run-${one.id}`}>
                                        {length(sized?.length_m, system)}
                                    </Table.Td>
                                    <Table.Td className="figure">{sized === undefined ? '–' : gauge(sized.gauge)}</Table.Td>
                                    <Table.Td>{one.ways.length === 0 ? (one.from !== null && one.from === one.to ? 'within one place' : 'typed, follows no way') : `${one.ways.length} ${one.ways.length === 1 ? 'way' : 'ways'}`}</Table.Td>
                                </Table.Tr>
                            );
                        })}
                    </Table.Tbody>
                </Table>
            </div>
            <section aria-label="Ways this run could go" tabIndex={0}>
                <Title order={3} size={16}>{chosen?.label ?? 'No run in hand'}</Title>
                {there !== undefined && <RunEnds job={job} run={there} others={others} edits={edits} />}
                {others.length === 0 && <p className="quiet">{waits ? 'Fetching the ways…' : 'No way leads from one of its ends to the other, or an end is not placed.'}</p>}
                {others.map((other) => (
                    <Box mb={14} key={other.stations.join()} data-route={other.stations.join('-')}>
                        <p>
                            <strong className="figure">{length(other.length_m, system)}</strong> by {named(other.stations)}: {other.gauge === null || other.copper_kg === null ? 'no gauge in stock would do; its findings say what takes the rest.' : `${gauge(other.gauge)} would do, ${other.copper_kg.toFixed(2)} kg of copper.`}
                        </p>
                        {other.now ? (
                            <Verdict good>the way it goes now</Verdict>
                        ) : (
                            job.can_change && (
                                <Button size="compact-sm" variant="outline" aria-label={`Take the way by ${named(other.stations)}`} onClick={() => take(other.stations)}>
                                    Take this way
                                </Button>
                            )
                        )}
                    </Box>
                ))}
            </section>
        </>
    );
}
