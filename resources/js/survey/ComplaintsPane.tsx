import { Button, Group, TextInput, Title } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import { choicesOf } from '../api/forms';
import type { PlannedJob, Survey } from '../api/types';
import { Entry } from '../look/Entry';
import { PartField } from '../plan/PartField';
import { HullFields } from '../plan/HullFields';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import classes from './SurveyStage.module.css';
import told from '../plan/told.module.css';


interface Props {
    job: PlannedJob;
    survey: Survey;
    edits: PlanEdits;
    /** a path check begun for a complaint */
    onCheck: (complaint: string) => void;
}

/** The boat as it came, and what the owner says hurts: each complaint with what to measure for it. */
export function ComplaintsPane({ job, survey, edits, onCheck }: Props) {
    const [words, setWords] = useState('');
    const [kind, setKind] = useState<string>('restarts');
    const fixed = !job.can_change;
    const boat = job.plan.boat;
    const found = job.plan.survey;
    const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on: 'plan', set: fields }] }));
    const text = (field: string, label: string, value: string | undefined) => (
        <label className={told.line}>
            <span>{label}</span>
            <PartField edits={edits} readOnly={fixed} on="plan" field={field} label={label} value={value === undefined || value === '' ? '–' : value} words />
        </label>
    );
    return (
        <div className={classes.columns}>
            <section aria-label="The boat as it came">
                <label className={told.line}>
                    <span>Surveyed on</span>
                    <span>
                        <PartField edits={edits} readOnly={fixed} on="plan" field="survey.taken_on" label="Surveyed on" value={found?.taken_on ?? '–'} words />{' '}
                        {!fixed && found?.taken_on === undefined && (
                            <Act onClick={() => set({ 'survey.taken_on': today() })}>
                                today
                            </Act>
                        )}
                    </span>
                </label>
                <HullFields job={job} edits={edits} />
                <label className={told.line}>
                    <span>Fuel</span>
                    <PlaceSelect label="Fuel" value={boat?.fuel ?? ''} choices={choicesOf('plan.boat.fuel')} readOnly={fixed} onChosen={(fuel) => set({ 'boat.fuel': fuel })} />
                </label>
                {text('survey.engine', 'Engine', found?.engine)}
                {text('survey.fitted', 'What is fitted', found?.fitted)}
            </section>
            <section aria-label="Complaints">
                {(found?.complaints ?? []).map((complaint) => {
                    const on = `complaint:${complaint.id}`;
                    const known = survey.kinds.find((one) => one.kind === complaint.kind);
                    return (
                        <Entry key={complaint.id} data-complaint={complaint.id}>
                            <Title order={3} size={16}>{known?.label}</Title>
                            <p>
                                <PartField edits={edits} readOnly={fixed} on={on} field="words" label={`In the owner's words: ${known?.label ?? ''}`} value={complaint.words ?? ''} words />
                            </p>
                            <ol>
                                {known?.measures.map((measure) => (
                                    <li key={measure}>{measure}</li>
                                ))}
                            </ol>
                            {!fixed && (
                                <Group gap={12}>
                                    {known?.path_check === true && (
                                        <Button size="compact-sm" variant="outline" aria-label={`Check a path for: ${known.label}`} onClick={() => onCheck(complaint.id)}>
                                            Check a path
                                        </Button>
                                    )}
                                    <Act aria-label={`Take out: ${known?.label ?? complaint.id}`} onClick={() => void edits.submit(() => ({ takeOut: on }))}>
                                        take out
                                    </Act>
                                </Group>
                            )}
                        </Entry>
                    );
                })}
                {!fixed && (
                    <Group component="form" align="end" gap={8} mt={8}
                        
                        onSubmit={(event) => {
                            event.preventDefault();
                            void edits.submit(() => ({ propose: { make: 'part', kind: 'complaint', name: `says ${kind}`, part: { kind, words } } })).then((kept) => kept && setWords(''));
                        }}
                    >
                        <label>
                            What hurts <PlaceSelect label="What hurts" value={kind} choices={survey.kinds.map((one) => [one.kind, one.label] as const)} readOnly={false} onChosen={setKind} />
                        </label>
                        <TextInput size="xs" label="In the owner's words" value={words} onChange={(event) => setWords(event.currentTarget.value)} />
                        <Button type="submit" size="compact-sm" variant="outline">
                            Write it down
                        </Button>
                    </Group>
                )}
            </section>
        </div>
    );
}

/** As the plan has it, by the rigger's own clock. */
function today(): string {
    const now = new Date();
    return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}
