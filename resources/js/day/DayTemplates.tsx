import { Button, Group, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { DayTemplates as Known, PlannedJob } from '../api/types';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';

const KEY = ['day-templates'];

/** A day by kind of fishing to begin with, the planned one kept for other boats, and what wind and current ask for beside. */
export function DayTemplates({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    const client = useQueryClient();
    const [chosen, setChosen] = useState(0);
    const [name, setName] = useState('');
    const [problem, setProblem] = useState<string | null>(null);
    const known = useQuery({ queryKey: KEY, queryFn: () => ask<Known>('day-templates'), retry: false });
    const templates = known.data?.templates ?? [];
    const template = templates[chosen];
    const answered = (work: Promise<Known>) =>
        void work.then(
            (now) => {
                client.setQueryData(KEY, now);
                setProblem(null);
                setChosen(0);
            },
            (refusal: unknown) => setProblem(refusal instanceof Error ? refusal.message : 'Not kept.'),
        );
    const allowance = job.plan.trip?.allowance_pct ?? 0;
    if (!job.can_change) {
        return null;
    }
    return (
        <Group gap={12} align="flex-end" mb={10}>
            <NativeSelect size="xs" label="A day by kind of fishing" w={200} value={String(chosen)} data={templates.map((one, at) => ({ value: String(at), label: one.id === null ? one.name : `${one.name} (ours)` }))} onChange={(event) => setChosen(Number(event.currentTarget.value))} />
            <Button size="xs" variant="outline" disabled={template === undefined} onClick={() => void edits.submit(() => (template === undefined ? null : { propose: { make: 'day', phases: template.phases } }))}>
                Plan this day
            </Button>
            <NumberInput size="xs" label="Wind and current, on shaft speed" aria-label="Wind and current, on shaft speed" w={190} suffix=" %" min={0} max={100} step={5} key={allowance} defaultValue={allowance} onBlur={(event) => {
                const percent = Number.parseFloat(event.currentTarget.value);
                if (Number.isFinite(percent) && percent !== allowance) {
                    void edits.submit(() => ({ patch: [{ on: 'plan', set: { 'trip.allowance_pct': percent } }] }));
                }
            }} />
            {known.data?.can_change === true && (
                <>
                    <TextInput size="xs" label="Keep this day as" aria-label="Keep this day as" w={150} maxLength={60} value={name} onChange={(event) => setName(event.currentTarget.value)} />
                    <Button size="xs" variant="outline" disabled={name.trim() === ''} onClick={() => answered(ask<Known>(`jobs/${job.id}/day-templates`, { method: 'POST', body: { name } }).then((now) => (setName(''), now)))}>
                        Keep it
                    </Button>
                    {template !== undefined && template.id !== null && (
                        <Button size="xs" variant="subtle" onClick={() => answered(ask<Known>(`day-templates/${template.id ?? 0}`, { method: 'DELETE' }))}>
                            Take {template.name} out
                        </Button>
                    )}
                </>
            )}
            {problem !== null && (
                <span role="alert">
                    <Verdict good={false}>{problem}</Verdict>
                </span>
            )}
        </Group>
    );
}
