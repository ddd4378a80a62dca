import { Button, Table } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { PlannedJob, RigStep, Work } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { useWritten } from '../units/conventions';
import { StepLink } from './StepLink';

/** What the owner was asked, and what came of it. */
export function QuestionsPane({ job, work, steps, onStep }: { job: PlannedJob; work: Work; steps: RigStep[]; onStep: (id: string) => void }) {
    const queries = useQueryClient();
    const { money } = useWritten();
    const takeBack = useMutation({ mutationFn: (id: number) => ask(`jobs/${job.id}/questions/${id}`, { method: 'DELETE' }), onSuccess: () => void queries.invalidateQueries({ queryKey: ['work', job.id] }) });
    return work.questions.length === 0 ? (
        <p>The owner was asked nothing. At a step: Problem, then Ask the owner.</p>
    ) : (
        <>
            {takeBack.error !== null && <p role="alert">{takeBack.error.message}</p>}
            <Table>
                <HeadRow heads={['Question', 'Costs', 'Step that waits', 'Answer']} unseen="Acts" />
                <Table.Tbody>
                    {work.questions.map((one) => (
                        <Table.Tr key={one.id} data-question={one.id}>
                            <Table.Td>{one.words}</Table.Td>
                            <Table.Td>
                                {one.price === null ? '–' : money(one.price)}
                                {one.delay_days > 0 && `, ${one.delay_days} days later`}
                            </Table.Td>
                            <Table.Td>
                                <StepLink id={one.step} says={steps.find((step) => step.id === one.step)?.says ?? one.step} onStep={onStep} />
                            </Table.Td>
                            <Table.Td>
                                {one.answer === null ? (one.is_over ? 'none in time' : 'none yet') : one.answer ? 'yes' : 'no'}
                                {one.answer_words !== null && `: ${one.answer_words}`}
                            </Table.Td>
                            <Table.Td>
                                <Button size="compact-sm" variant="outline" onClick={() => takeBack.mutate(one.id)} aria-label={`Take back: ${one.words}`}>
                                    Take back
                                </Button>
                            </Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
        </>
    );
}
