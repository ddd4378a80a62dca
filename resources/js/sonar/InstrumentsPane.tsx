import { Button, Paper, SimpleGrid, Table, Text, Title } from '@mantine/core';

import type { Instrument, PlannedJob } from '../api/types';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { useInstruments } from '../plan/useInstruments';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, useUnits } from '../units/units';
import { LeadLineForm } from './LeadLineForm';
import { LogReader } from './LogReader';
import { measuredWords } from './measuredWords';

/** What has more signs than others, and matters less here. */
const PLACES = ['latitude', 'longitude'];

/** While commissioning: what the instruments say this second, what is wrong with it, and the minute that is kept. */
export function InstrumentsPane({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const { system } = useUnits();
    const told = useInstruments(job);
    const instruments = told.data?.instruments ?? [];
    const trials = job.plan.network?.trials ?? [];
    return (
        <>
            <Caution>On the water somebody else steers while you look at this. What is shown here is for commissioning, not for finding the way.</Caution>
            {told.error !== null && <p role="alert">{told.error.message}</p>}
            {told.data !== undefined && instruments.length === 0 && <p>No instrument network is registered. Its address is set by the owner, under Settings.</p>}
            {instruments.map((instrument) => (
                <Heard key={instrument.name} job={job} edits={edits} instrument={instrument} />
            ))}
            {trials.length > 0 && (
                <section aria-label="Minutes kept">
                    <Title order={3} size={15} mt={12}>
                        Minutes kept
                    </Title>
                    <Table>
                        <HeadRow heads={['When', 'Heard at', 'Sentences', 'Refused', 'Depth', 'Sounded', 'What was wrong']} />
                        <Table.Tbody>
                            {trials.map((trial) => {
                                const depth = trial.values?.find(({ measured }) => measured === 'depth');
                                return (
                                    <Table.Tr key={trial.id} data-trial={trial.id}>
                                        <Table.Th scope="row" className="figure">
                                            {trial.at.slice(0, 16).replace('T', ' ')}
                                        </Table.Th>
                                        <Table.Td>{trial.instrument}</Table.Td>
                                        <Table.Td className="figure">
                                            {trial.sentences} in {trial.seconds} s
                                        </Table.Td>
                                        <Table.Td className="figure">{trial.refused}</Table.Td>
                                        <Table.Td className="figure">{depth === undefined ? '–' : `${length(depth.least, system)} – ${length(depth.most, system)}`}</Table.Td>
                                        <Table.Td className="figure">{length(trial.sounded_m ?? null, system)}</Table.Td>
                                        <Table.Td>{(trial.faults ?? []).join(' ')}</Table.Td>
                                    </Table.Tr>
                                );
                            })}
                        </Table.Tbody>
                    </Table>
                </section>
            )}
            <LogReader />
        </>
    );
}

function Heard({ job, edits, instrument }: { job: PlannedJob; edits: PlanEdits; instrument: Instrument }) {
    const { system } = useUnits();
    const { heard } = instrument;
    const depth = heard?.values.find(({ measured }) => measured === 'depth');
    return (
        <section aria-label={instrument.name} data-instrument={instrument.name}>
            <Title order={3} size={15} mt={8}>
                {instrument.name}
                <Text span inherit fw={400} c="var(--ink-soft)">
                    {' '}
                    {instrument.address}
                </Text>
            </Title>
            {instrument.says !== null && <p role="status">{instrument.says}</p>}
            {heard !== null && (
                <>
                    {heard.faults.map((fault) => (
                        <p key={fault.kind} data-fault={fault.kind} role="alert">
                            <Verdict good={false}>{fault.says}</Verdict>
                        </p>
                    ))}
                    <SimpleGrid cols={{ base: 2, sm: 3, lg: 4 }} spacing={8} my={8}>
                        {heard.values.map((value) => (
                            <Paper key={value.measured} withBorder p={8} data-measured={value.measured} aria-label={value.label}>
                                <Text size="sm" c="var(--ink-soft)">
                                    {value.label}
                                </Text>
                                <Text className="figure" fz={PLACES.includes(value.measured) ? { base: 16, sm: 19 } : { base: 22, sm: 28 }} lh="32px" fw={600}>
                                    {measuredWords(value, system)}
                                </Text>
                                {value.age_s > 2 && (
                                    <Text size="sm" c="var(--brick)">
                                        {value.age_s.toFixed(0)} s old
                                    </Text>
                                )}
                            </Paper>
                        ))}
                    </SimpleGrid>
                    <p data-figure="heard">
                        {heard.per_second.toFixed(1)} sentences a second, the last {heard.age_s === null ? 'never' : `${heard.age_s.toFixed(0)} s ago`}.{' '}
                        {heard.refused.length === 0 ? 'None was refused.' : `Refused: ${heard.refused.map(({ why, count }) => `${count} ${why}`).join('; ')}.`}
                    </p>
                    {depth !== undefined && <LeadLineForm job={job} edits={edits} instrument={instrument.name} depth={depth.value} />}
                    {depth === undefined && job.can_change && (
                        <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ propose: { make: 'trial', instrument: instrument.name, units: system } }))}>
                            Keep the last minute
                        </Button>
                    )}
                </>
            )}
        </section>
    );
}
