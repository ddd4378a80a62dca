import { Button, Group, NativeSelect, Text, Title } from '@mantine/core';
import { useState } from 'react';

import { choiceWords } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { MakePart } from '../inspector/MakePart';
import { Act } from '../look/Act';
import { Dialog } from '../look/Dialog';
import { Entry } from '../look/Entry';
import type { PlanEdits } from '../plan/usePlanEdits';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    onSelect: (on: string) => void;
}

type Comparison = NonNullable<NonNullable<PlannedJob['plan']['network']>['comparisons']>[number];

/** With and without, one thing at a time: an extra ground, a motor, a pump, a radio; which picture was quieter, and what became of it. */
export function ComparePane({ job, edits, onSelect }: Props) {
    const [isAdding, setAdding] = useState(false);
    const comparisons = job.plan.network?.comparisons ?? [];
    const close = () => setAdding(false);
    return (
        <>
            <Group justify="space-between" mb={8}>
                <p className="quiet">Change one thing at a time, the boat still, the gain fixed by hand; look for a minute each way.</p>
                {job.can_change && (
                    <Button size="compact-sm" variant="outline" onClick={() => setAdding(true)}>
                        Record a comparison
                    </Button>
                )}
            </Group>
            {comparisons.length === 0 && <p>Nothing was compared yet.</p>}
            {comparisons.map((one) => (
                <Compared key={one.id} job={job} edits={edits} comparison={one} onSelect={onSelect} />
            ))}
            <Dialog opened={isAdding} onClose={close} title="Record a comparison">
                <MakePart kind="comparison" job={job} edits={edits} onBack={close} onDone={close} />
            </Dialog>
        </>
    );
}

function Compared({ job, edits, comparison, onSelect }: Props & { comparison: Comparison }) {
    const banks = (job.plan.banks ?? []).map(({ id }) => ({ value: id, label: partName(job, `bank:${id}`) }));
    const ground = job.plan.devices?.find(({ id }) => id === comparison.device)?.ground ?? null;
    const [bank, setBank] = useState(ground?.bank ?? banks.at(-1)?.value ?? '');
    const picture = job.plan.survey?.photographs?.find(({ id }) => id === comparison.photograph)?.picture;
    const quieter = choiceWords('comparison.quieter', comparison.quieter);
    const why = [`quieter ${quieter}`, comparison.words ?? ''].filter(Boolean).join(': ');
    const settle = (to: string | null) => void edits.submit(() => ({ propose: { make: 'ground', device: comparison.device, bank: to, why: to === null ? '' : why } }));
    return (
        <Entry data-comparison={comparison.id}>
            <Title order={3} size={15}>
                <Act onClick={() => onSelect(`comparison:${comparison.id}`)}>
                    {partName(job, `device:${comparison.device}`)}: {choiceWords('comparison.changed', comparison.changed)}
                    {comparison.switched === undefined ? '' : ` (${partName(job, `device:${comparison.switched}`)})`}
                </Act>
            </Title>
            <p>
                The picture is quieter <strong>{quieter}</strong>.{comparison.on === undefined ? '' : ` ${comparison.on}.`} {comparison.words}
            </p>
            {picture !== undefined && <img src={`/api/jobs/${job.id}/photographs/${picture}`} alt={`The picture compared, ${quieter} quieter`} width={220} />}
            {comparison.changed === 'ground' && (
                <>
                    <p data-figure="ground" role="status">
                        {ground === null ? 'The plan has no extra ground there.' : `The plan has an extra ground to the minus of ${partName(job, `bank:${ground.bank}`)}${ground.words === undefined ? '' : `, because ${ground.words}`}.`}
                    </p>
                    {job.can_change && (
                        <Group align="end" gap={12}>
                            {ground === null ? (
                                <>
                                    <NativeSelect size="xs" label="To the minus of" data={banks} value={bank} onChange={(event) => setBank(event.currentTarget.value)} />
                                    <Button size="compact-sm" disabled={bank === ''} variant={comparison.quieter === 'with' ? 'filled' : 'outline'} onClick={() => settle(bank)}>
                                        Keep the ground
                                    </Button>
                                </>
                            ) : (
                                <Button size="compact-sm" variant={comparison.quieter === 'with' ? 'outline' : 'filled'} onClick={() => settle(null)}>
                                    Take the ground off
                                </Button>
                            )}
                        </Group>
                    )}
                    <Text size="sm" c="var(--ink-soft)">
                        Of the size of the box&rsquo;s own minus or thicker, to the same bank that feeds it: to another it would join two banks.
                    </Text>
                </>
            )}
        </Entry>
    );
}
