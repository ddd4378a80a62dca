import { Group, Stack, Table, Title } from '@mantine/core';
import { useEffect, useRef } from 'react';
import type { PlannedJob, Run } from '../api/types';
import { useCatalogue } from '../catalogue/parts';
import { useWritten } from '../units/conventions';
import { amps, percent, reach, useUnits } from '../units/units';
import { bothWorlds } from '../units/bothWorlds';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Region } from '../look/Region';
import classes from './GaugeLadder.module.css';
import { houseRung, partOf } from '../boat/planParts';
import type { PlanEdits } from '../plan/usePlanEdits';
import { WhyFigure } from '../why/WhyFigure';

/** The gauges a run could have, as rungs: what each would lose, how far it reaches, what it carries. */
export function GaugeLadder({ job, run, edits, onWhy }: { job: PlannedJob; run: Run; edits: PlanEdits; onWhy: (figure: string) => void }) {
    const { system } = useUnits();
    const { money } = useWritten();
    const house = houseRung(run)?.gauge;
    const parts = useCatalogue().data?.parts ?? [];
    const price = (name: string) => {
        const metre = parts.find((part) => part.kind === 'wire' && part.figures.gauge === name)?.figures.price;
        return typeof metre === 'number' && run.length_m !== null ? money(metre * 2 * run.length_m, 0) : '–';
    };
    const rungs = useRef<HTMLDivElement>(null);
    const chosen = useRef<HTMLTableRowElement>(null);
    useEffect(() => {
        // Only the rungs move, and only when they must: scrollIntoView would take the page along.
        const pane = rungs.current;
        const rung = chosen.current;
        if (pane === null || rung === null) {
            return;
        }
        const above = rung.offsetTop - rung.offsetHeight < pane.scrollTop;
        const below = rung.offsetTop + rung.offsetHeight > pane.scrollTop + pane.clientHeight;
        if (above || below) {
            pane.scrollTop = rung.offsetTop - (pane.clientHeight - rung.offsetHeight) / 2;
        }
    }, [run.id, run.gauge]);
    return (
        <Stack component="section" gap={6} h="100%" aria-label={`Gauge ladder of ${run.label}`}>
            <Group component="header" justify="space-between">
                <Title order={2} size={18}>
                    Gauge ladder
                </Title>
                <span className="quiet">limit {percent(run.limit_pct)}</span>
                <span className="quiet">
                    <kbd>[</kbd> thinner <kbd>]</kbd> thicker
                </span>
            </Group>
            <Region ref={rungs} label="Rungs">
                <Table>
                    <HeadRow heads={['gauge', 'whole path', 'reaches', 'carries', 'heat', 'copper', 'price']} />
                    <Table.Tbody>
                        {run.alternatives.map((rung) => {
                            const now = rung.gauge === run.gauge;
                            const marks = [
                                now ? 'now' : null,
                                rung.gauge === house ? 'house rule' : null,
                                rung.gauge === run.band_chart_gauge ? 'band chart' : null,
                                rung.gauge === run.makers_gauge ? 'maker' : null,
                            ].filter((mark) => mark !== null);
                            return (
                                <Table.Tr key={rung.gauge} ref={now ? chosen : undefined} className={now ? classes.now : rung.gauge === house ? classes.house : undefined}>
                                    <Table.Th scope="row">
                                        {job.can_change && !now ? (
                                            <Act
                                                aria-label={`Make it ${bothWorlds(rung.gauge)}`}
                                                onClick={() => void edits.submit(() => ({ patch: [{ on: partOf(run), set: { 'run.gauge': rung.gauge } }] }))}
                                            >
                                                {bothWorlds(rung.gauge)}
                                            </Act>
                                        ) : (
                                            bothWorlds(rung.gauge)
                                        )}
                                        {marks.length > 0 && (
                                            <span className={classes.marks}>
                                                {marks.join(', ')}
                                                {!rung.ok && now ? ' ▲' : ''}
                                            </span>
                                        )}
                                    </Table.Th>
                                    <Table.Td>
                                        <WhyFigure passedBy figure={`rung:${run.id}:${rung.gauge}`} onWhy={onWhy}>
                                            {percent(rung.path_drop_pct, 2)}
                                        </WhyFigure>
                                    </Table.Td>
                                    <Table.Td>{reach(rung.max_length_m, system)}</Table.Td>
                                    <Table.Td>{amps(rung.ampacity_a)}</Table.Td>
                                    <Table.Td>{rung.heat_w === null ? '–' : `${rung.heat_w.toFixed(rung.heat_w < 10 ? 1 : 0)} W`}</Table.Td>
                                    <Table.Td>{rung.copper_kg === null ? '–' : `${rung.copper_kg.toFixed(2)} kg`}</Table.Td>
                                    <Table.Td>{price(rung.gauge)}</Table.Td>
                                </Table.Tr>
                            );
                        })}
                    </Table.Tbody>
                </Table>
            </Region>
            {run.schools !== null && <p className="quiet">{run.schools}</p>}
            {run.band_chart_gauge === null && <p className="quiet">The band chart has no cell for this current and length.</p>}
        </Stack>
    );
}
