import { Table } from '@mantine/core';

import type { RigStep, Work } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { hours } from '../units/units';
import { StepLink } from './StepLink';

/** What has to stand, charge or set: how long, since when, until when. The long ones begin first. */
export function WaitsPane({ steps, work, onStep }: { steps: RigStep[]; work: Work; onStep: (id: string) => void }) {
    const waits = steps.filter((step) => step.kind === 'wait');
    const at = new Intl.DateTimeFormat(undefined, { weekday: 'short', hour: '2-digit', minute: '2-digit' });
    return waits.length === 0 ? (
        <p>Nothing on this boat has to stand.</p>
    ) : (
        <Table>
            <HeadRow heads={['What', 'Stands for', 'Since', 'Over']} />
            <Table.Tbody>
                {waits.map((step) => {
                    const now = work.waits.find((one) => one.step === step.id);
                    const isDone = work.done.some((one) => one.step === step.id);
                    return (
                        <Table.Tr key={step.id} data-wait={step.id}>
                            <Table.Td>
                                <StepLink id={step.id} says={step.says} onStep={onStep} />
                            </Table.Td>
                            <Table.Td className="figure">{hours(step.minutes / 60)}</Table.Td>
                            <Table.Td>{isDone ? 'over' : now === undefined ? 'not begun' : at.format(new Date(now.since))}</Table.Td>
                            <Table.Td>{isDone || now === undefined ? '' : at.format(new Date(now.over))}</Table.Td>
                        </Table.Tr>
                    );
                })}
            </Table.Tbody>
        </Table>
    );
}
