import { Button, Checkbox, Group, NumberInput, Table, TextInput } from '@mantine/core';
import { useState } from 'react';

import type { PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { HeadRow } from '../look/HeadRow';
import type { PlanEdits } from '../plan/usePlanEdits';
import { DayTemplates } from './DayTemplates';
import { hoursOf, type Phase, withPhase, written } from './phases';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
}

/** What the day is made of: each phase with its hours, whether the engine runs, and what is on in it. */
export function PhasesPane({ job, edits }: Props) {
    const phases = job.plan.trip?.phases ?? [];
    const readOnly = !job.can_change;
    const change = (which: number, fields: (phase: Phase) => Partial<Phase>) => void edits.submit((now) => withPhase(now.plan, which, fields));
    const add = () =>
        void edits.submit((now) => ({ patch: [{ on: 'plan', set: { 'trip.phases': [...(now.plan.trip?.phases ?? []), { name: '', hours: 1, on: {} }] } }] }));
    const takeOut = (which: number) => void edits.submit((now) => ({ patch: [{ on: 'plan', set: { 'trip.phases': (now.plan.trip?.phases ?? []).filter((_, at) => at !== which) } }] }));
    const devices = job.plan.devices ?? [];
    return (
        <>
            <DayTemplates job={job} edits={edits} />
            {phases.length === 0 && <p>No day is planned yet. Begin with its first phase, as the run out.</p>}
            {phases.length > 0 && (
                <Table>
                    <HeadRow heads={['Phase', 'Hours', 'Engine runs', 'Way home', ...devices.map(({ id }) => `${partName(job, `device:${id}`)}, %`), ...(readOnly ? [] : ['Not wanted'])]} />
                    <Table.Tbody>
                        {phases.map((phase, which) => {
                            const name = phase.name === undefined || phase.name === '' ? `phase ${which + 1}` : phase.name;
                            return (
                                <Table.Tr key={which} data-phase-row={which}>
                                    <Table.Th scope="row">
                                        <TextInput size="xs" miw={140} aria-label={`Name of ${name}`} readOnly={readOnly} key={phase.name} defaultValue={phase.name ?? ''} onBlur={(event) => event.currentTarget.value !== (phase.name ?? '') && change(which, () => ({ name: event.currentTarget.value }))} />
                                    </Table.Th>
                                    <Table.Td>
                                        <Figure label={`Hours of ${name}`} value={hoursOf(phase)} most={240} step={0.25} readOnly={readOnly} onChange={(hours) => change(which, () => ({ hours: written(hours) }))} />
                                    </Table.Td>
                                    <Table.Td>
                                        <Checkbox aria-label={`Engine runs in ${name}`} disabled={readOnly} checked={phase.engine ?? false} onChange={(event) => change(which, () => ({ engine: event.currentTarget.checked }))} />
                                    </Table.Td>
                                    <Table.Td>
                                        <Checkbox aria-label={`${name} is of the way home`} disabled={readOnly} checked={phase.home ?? false} onChange={(event) => change(which, () => ({ home: event.currentTarget.checked }))} />
                                    </Table.Td>
                                    {devices.map(({ id }) => (
                                        <Table.Td key={id}>
                                            <Figure label={`${partName(job, `device:${id}`)} in ${name}, in %`} value={Math.round(100 * (phase.on?.[id] ?? 0))} most={100} step={5} readOnly={readOnly} onChange={(share) => change(which, (now) => ({ on: { ...now.on, [id]: share / 100 } }))} />
                                        </Table.Td>
                                    ))}
                                    {!readOnly && (
                                        <Table.Td>
                                            <Button size="compact-sm" variant="subtle" aria-label={`take out: ${name}`} onClick={() => takeOut(which)}>
                                                Take out
                                            </Button>
                                        </Table.Td>
                                    )}
                                </Table.Tr>
                            );
                        })}
                    </Table.Tbody>
                </Table>
            )}
            <Group mt={8} justify="space-between">
                <span className="quiet">Of a motor, the speed of its shaft; of anything else, the share of what it usually draws. Nothing: off, or on standby.</span>
                {!readOnly && (
                    <Button size="compact-sm" variant="outline" onClick={add}>
                        Add a phase
                    </Button>
                )}
            </Group>
        </>
    );
}

/** A number that counts when the hand leaves it, or presses Enter. */
function Figure({ label, value, most, step, readOnly, onChange }: { label: string; value: number; most: number; step: number; readOnly: boolean; onChange: (value: number) => void }) {
    // What is typed counts when the hand is done; what the plan says comes in without taking the focus away.
    const [typed, setTyped] = useState<number | string>(Number(value.toFixed(3)));
    const [seen, setSeen] = useState(value);
    if (seen !== value) {
        setSeen(value);
        setTyped(Number(value.toFixed(3)));
    }
    const take = (words: string) => {
        const number = Number(words.replace(',', '.'));
        if (words.trim() !== '' && Number.isFinite(number) && number >= 0 && number <= most && number !== value) {
            onChange(number);
        }
    };
    return (
        <NumberInput
            size="xs"
            w={74}
            aria-label={label}
            readOnly={readOnly}
            value={typed}
            onChange={setTyped}
            min={0}
            max={most}
            step={step}
            onFocus={(event) => event.currentTarget.select()}
            onBlur={(event) => take(event.currentTarget.value)}
            onKeyDown={(event) => event.key === 'Enter' && take(event.currentTarget.value)}
        />
    );
}
