import { Switch, Table } from '@mantine/core';
import { useState } from 'react';

import type { PlannedJob, RigStep } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { together } from '../units/together';
import { placeName } from './placeName';
import { StepLink } from './StepLink';
import { type Standing, standingOf } from './standing';
import { type WorkAtHand } from './useWork';

const SIGNS: Record<Standing, string> = { done: '✓ done', sending: '… being kept', ready: '▸ can be done', open: '· open', held: '■ held by a stop', waiting: '◷ stands' };

interface Props {
    job: PlannedJob;
    steps: RigStep[];
    at: WorkAtHand;
    /** the step in hand */
    chosen: string | null;
    onStep: (id: string) => void;
}

/** Steps in the order of the work, each with how it stands; what is done on request. */
export function StepsPane({ job, steps, at, chosen, onStep }: Props) {
    const [isAll, setAll] = useState(false);
    const doneBy = new Map((at.work?.done ?? []).map((one) => [one.step, one.by]));
    const changed = new Set((at.work?.changed ?? []).map((one) => one.step));
    const reopened = new Set((at.work?.reopened ?? []).map((one) => one.step));
    const done = steps.filter((step) => doneBy.has(step.id)).length;
    const shown = steps.filter((step) => isAll || !doneBy.has(step.id));
    return (
        <>
            {done > 0 && <Switch my={4} label={`What is done too (${done})`} checked={isAll} onChange={(event) => setAll(event.currentTarget.checked)} />}
            {shown.length === 0 ? (
                <p>{steps.length === 0 ? 'None on this boat.' : 'All of them are done.'}</p>
            ) : (
                <Table>
                    <HeadRow heads={['Step', 'Where', 'Stands']} />
                    <Table.Tbody>
                        {shown.map((step) => (
                            <Table.Tr key={step.id} data-step={step.id} bg={step.id === chosen ? 'var(--taken)' : undefined}>
                                <Table.Td>
                                    <StepLink id={step.id} says={step.says} isHere={step.id === chosen} onStep={onStep} />
                                </Table.Td>
                                <Table.Td>
                                    {placeName(job, step)}
                                    {step.kind !== 'wait' && `, ${together(`${step.minutes} min`)}`}
                                </Table.Td>
                                <Table.Td>
                                    {SIGNS[standingOf(step, at)]}
                                    {doneBy.has(step.id) && ` by ${doneBy.get(step.id)}`}
                                    {changed.has(step.id) && ', done before the plan changed it'}
                                    {reopened.has(step.id) && ', to be done again'}
                                    {step.holds.length > 0 && !doneBy.has(step.id) && ' · hold'}
                                </Table.Td>
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            )}
        </>
    );
}
