import { Table } from '@mantine/core';

import type { RigStep, Work } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { together } from '../units/together';
import { StepLink } from './StepLink';

const WORDS: Record<Work['log'][number]['act'], string> = { begin: 'begun', done: 'done', undo: 'taken back', note: 'note', problem: 'problem', 'as-built': 'built otherwise', hands: 'hands' };

/** What was done and said, the newest first; and what was done that the plan has no more. */
export function RecordPane({ work, steps, onStep }: { work: Work; steps: RigStep[]; onStep: (id: string) => void }) {
    const at = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
    return (
        <>
            {[...work.gone.map((one) => ({ ...one, why: 'is no step of the plan any more' })), ...work.changed.map((one) => ({ ...one, why: 'was changed in the plan since: look at it again' })), ...work.reopened.map((one) => ({ ...one, why: 'has to be done again: what it stood on was changed' }))].map((one) => (
                <p key={one.step} role="note" data-gone={one.step}>
                    Done by {one.by}: “{together(one.says)}” {one.why}.
                </p>
            ))}
            {work.log.length === 0 ? (
                <p>Nothing is done yet.</p>
            ) : (
                <Table>
                    <HeadRow heads={['When', 'Who', 'What', 'Step', 'Words']} />
                    <Table.Tbody>
                        {work.log.map((one) => (
                            <Table.Tr key={one.id} data-entry={one.act}>
                                <Table.Td>{at.format(new Date(one.at))}</Table.Td>
                                <Table.Td>{one.by}</Table.Td>
                                <Table.Td>{WORDS[one.act]}</Table.Td>
                                <Table.Td>{steps.some((step) => step.id === one.step) ? <StepLink id={one.step} says={one.says} onStep={onStep} /> : together(one.says)}</Table.Td>
                                <Table.Td>{one.words}</Table.Td>
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            )}
        </>
    );
}
