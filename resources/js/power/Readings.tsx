import { Stack, Table, TextInput, Title } from '@mantine/core';
import { useState } from 'react';

import type { MeterPoint, PlannedJob, Reading } from '../api/types';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { Region } from '../look/Region';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { volts } from '../units/units';

/** What the meter must show at rest, before anything is plugged in, and what it did show. */
export function Readings({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    return (
        <Stack component="section" gap={0} h="100%" aria-label="Expected readings">
            <Title order={2} size={18}>
                Readings at rest
            </Title>
            <Caution>Charger unplugged. Rings off, one terminal at a time. Nothing plugged in until every reading is right.</Caution>
            <Region label="Meter points">
                <Table>
                    <HeadRow heads={['between', 'expect', 'right from – to', 'measured']} />
                    <Table.Tbody>
                        {job.evaluation.meter_points.map((point) => (
                            <PointLine key={point.id} point={point} reading={job.readings.find((taken) => taken.meter_point === point.id)} edits={edits} />
                        ))}
                    </Table.Tbody>
                </Table>
            </Region>
        </Stack>
    );
}

function PointLine({ point, reading, edits }: { point: MeterPoint; reading: Reading | undefined; edits: PlanEdits }) {
    const [typed, setTyped] = useState<string | null>(null);
    const [refused, setRefused] = useState(false);
    const record = async (text: string) => {
        const kept = await edits.submit(() => ({ reading: { meter_point: point.id, volts: text } }));
        setRefused(!kept);
        if (kept) {
            setTyped(null);
        }
    };
    return (
        <Table.Tr>
            <Table.Th scope="row" fw={400}>
                {point.label}
                {point.note !== null && <div className="quiet">{point.note}</div>}
            </Table.Th>
            <Table.Td className="figure" fw={600} fz={15} data-figure={`meter:${point.id}`}>
                {volts(point.expect_v, 2)}
            </Table.Td>
            <Table.Td className="figure">
                {point.low_v.toFixed(2)} – {point.high_v.toFixed(2)}
            </Table.Td>
            <Table.Td>
                <TextInput
                    size="xs"
                    display="inline-block"
                    w={76}
                    aria-label={`Measured volts, ${point.label}`}
                    inputMode="decimal"
                    value={typed ?? (reading === undefined ? '' : reading.volts.toFixed(2))}
                    onChange={(event) => setTyped(event.currentTarget.value)}
                    onBlur={() => {
                        if (typed !== null && typed.trim() !== '') {
                            void record(typed);
                        }
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.currentTarget.blur();
                        }
                    }}
                />{' '}
                {refused ? <Verdict good={false}>not kept</Verdict> : reading === undefined ? '' : reading.right === false ? <Verdict good={false}>⬣ not right</Verdict> : <Verdict good>right</Verdict>}
            </Table.Td>
        </Table.Tr>
    );
}
