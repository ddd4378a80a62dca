import { Button, Checkbox, Group, Stack, TextInput, Title } from '@mantine/core';
import { useState } from 'react';

import { choicesOf, fieldOf, type FormField } from '../api/forms';
import type { Layout, PlannedJob } from '../api/types';
import { MountingDrawing } from '../drawings/mounting/MountingDrawing';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useUnits } from '../units/units';
import { quantity } from '../units/quantity';
import classes from './MountingPane.module.css';
import { MotorSize } from './MotorSize';
import { PlaceCheck } from './PlaceCheck';

type Measure = Extract<FormField, { entry: 'quantity' }>;

/** What a tape is held to for a question of mounting, in the order of the format. */
function measuresOf(question: string): Measure[] {
    const asked = fieldOf(`device.${question}`);
    return asked.entry === 'object' ? asked.fields.filter((field): field is Measure => field.entry === 'quantity') : [];
}

type Check = Layout['mounting'][number]['checks'][number];

interface Props {
    job: PlannedJob;
    layout: Layout;
    edits: PlanEdits;
    /** the part in hand, as "device:motor" */
    chosen: string;
    onChoose: (on: string) => void;
}

/** How motors and screens are mounted: each question with its drawing, its measures and its answer. */
export function MountingPane({ job, layout, edits, chosen, onChoose }: Props) {
    const mounting = layout.mounting.find((one) => `device:${one.device}` === chosen) ?? layout.mounting[0];
    return (
        <>
            {mounting !== undefined && (
                <Group gap="4px 20px" align="baseline" fz={14} mb={10}>
                    <label>
                        Device <PlaceSelect label="Device" value={mounting.device} choices={layout.mounting.map((one) => [one.device, one.label] as const)} readOnly={false} onChosen={(device) => onChoose(`device:${device}`)} />
                    </label>{' '}
                    <Wish job={job} device={mounting.device} edits={edits} />
                </Group>
            )}
            {mounting === undefined && <p>No motor and no screen is planned yet.</p>}
            <div className={classes.checks}>
                {mounting?.checks.map((check) => (
                    <Question key={`${mounting.device} ${check.field}`} job={job} device={mounting.device} check={check} edits={edits} />
                ))}
            </div>
            <div className={classes.checks}>
                {layout.motor_size !== null && <MotorSize job={job} size={layout.motor_size} edits={edits} />}
                {layout.places.map((place) => (
                    <PlaceCheck key={place.on} job={job} layout={layout} place={place} edits={edits} />
                ))}
            </div>
        </>
    );
}

const WISHES = { motor: ['position_hold', 'it holds its place by itself'], display: ['map_orientation', 'its map turns with the boat'] } as const;

/** What is wanted of a device that asks for a heading sensor. */
function Wish({ job, device, edits }: { job: PlannedJob; device: string; edits: PlanEdits }) {
    const planned = job.plan.devices?.find((one) => one.id === device);
    if (planned?.kind !== 'motor' && planned?.kind !== 'display') {
        return null;
    }
    const [field, words] = WISHES[planned.kind];
    return (
        <Checkbox
                aria-label={`${planned.name ?? planned.id}: ${words}`}
                checked={planned[field] ?? false}
                disabled={!job.can_change}
                onChange={(event) => {
                    const wanted = event.currentTarget.checked;
                    void edits.submit(() => ({ patch: [{ on: `device:${device}`, set: { [field]: wanted } }] }));
                }}
                label={words}
            />
    );
}

function Question({ job, device, check, edits }: { job: PlannedJob; device: string; check: Check; edits: PlanEdits }) {
    const { system } = useUnits();
    const measured = job.plan.devices?.find((one) => one.id === device)?.[check.field];
    const measures = (measured ?? {}) as Record<string, number | string | boolean | undefined>;
    const fixed = !job.can_change;
    const on = `device:${device}`;
    const wanted = measuresOf(check.field);
    const written = ({ name, unit }: Measure) => {
        const value = measures[name];
        return typeof value === 'number' ? quantity(value, unit, system) : '–';
    };
    return (
        <section className={classes.check} aria-label={check.asks} data-check={check.field}>
            <MountingDrawing field={check.field} measures={measures} good={check.good} label={`${check.asks} ${check.says}`} />
            <div className={classes.words}>
                <Title order={3} size={16}>{check.asks}</Title>
                <p data-figure={`mounting-${check.field}`} aria-live="polite">
                    <Verdict good={check.good}>
                    {check.says}
                    </Verdict>
                </p>
                {measured === undefined ? (
                    !fixed && <Ask wanted={wanted} field={check.field} on={on} edits={edits} />
                ) : (
                    <dl className={classes.measures}>
                        {wanted.map((measure) => (
                            <div key={measure.name}>
                                <dt>{measure.label}</dt>
                                <dd>
                                    <PartField edits={edits} readOnly={fixed} on={on} field={`${check.field}.${measure.name}`} label={measure.label} value={written(measure)} />
                                </dd>
                            </div>
                        ))}
                        {check.field === 'shaft' && (
                            <div>
                                <dt>Water</dt>
                                <dd>
                                    <PlaceSelect label="Water" value={String(measures.water ?? 'rough')} choices={choicesOf('device.shaft.water')} readOnly={fixed} onChosen={(water) => void edits.submit(() => ({ patch: [{ on, set: { 'shaft.water': water } }] }))} />
                                </dd>
                            </div>
                        )}
                    </dl>
                )}
            </div>
        </section>
    );
}

/** Measures that only stand together: typed, then kept at once. */
function Ask({ wanted, field, on, edits }: { wanted: Measure[]; field: string; on: string; edits: PlanEdits }) {
    const [texts, setTexts] = useState<Record<string, string>>({});
    return (
        <Stack
            component="form"
            gap={4}
            onSubmit={(event) => {
                event.preventDefault();
                void edits.submit(() => ({ typed: { on, fields: wanted.map((measure) => ({ field: `${field}.${measure.name}`, text: texts[measure.name] ?? '' })) } }));
            }}
        >
            {wanted.map((measure) => (
                <TextInput
                    key={measure.name}
                    size="xs"
                    label={measure.label}
                    value={texts[measure.name] ?? ''}
                    required={measure.required === true}
                    onChange={(event) => {
                        const text = event.currentTarget.value;
                        setTexts((before) => ({ ...before, [measure.name]: text }));
                    }}
                />
            ))}
            <Button type="submit" size="compact-sm" variant="outline">
                Keep these measures
            </Button>
        </Stack>
    );
}
