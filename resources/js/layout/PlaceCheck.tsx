import { Button, Checkbox, Group, TextInput, Title } from '@mantine/core';
import { useState } from 'react';

import { choicesOf } from '../api/forms';
import type { Layout, PlannedJob } from '../api/types';
import { AntennaDrawing } from '../drawings/mounting/AntennaDrawing';
import { HeadingSensorDrawing } from '../drawings/mounting/HeadingSensorDrawing';
import { PetrolDrawing } from '../drawings/mounting/PetrolDrawing';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, useUnits } from '../units/units';
import classes from './MountingPane.module.css';


type Place = Layout['places'][number];

interface Props {
    job: PlannedJob;
    layout: Layout;
    place: Place;
    edits: PlanEdits;
}

/** A part whose place matters: a heading sensor, an antenna, a battery beside petrol. */
export function PlaceCheck({ job, layout, place, edits }: Props) {
    const label = `${place.label}: ${place.asks} ${place.says}`;
    const device = job.plan.devices?.find((one) => `device:${one.id}` === place.on);
    const battery = job.plan.batteries?.find((one) => `battery:${one.id}` === place.on);
    return (
        <section className={classes.check} aria-label={`${place.label}: ${place.asks}`} data-place={place.on}>
            {battery !== undefined && <PetrolDrawing good={place.good} label={label} distance_m={battery.petrol_fitting_m} clear_m={place.clear_m ?? 0} shield={battery.petrol_shield ?? false} />}
            {device?.kind === 'heading-sensor' && <HeadingSensorDrawing good={place.good} label={label} place={place} hull={layout.hull} />}
            {device?.kind === 'position-antenna' && <AntennaDrawing good={place.good} label={label} sky={device.sky} steppedOn={device.stepped_on} />}
            <div className={classes.words}>
                <Title order={3} size={16}>
                    {place.label}: {place.asks}
                </Title>
                <p aria-live="polite">
                    <Verdict good={place.good}>{place.says}</Verdict>
                </p>
                <Nearest place={place} />
                <Group gap="4px 16px" align="baseline">{battery === undefined ? <Sensor job={job} place={place} edits={edits} /> : <BesidePetrol job={job} on={place.on} label={place.label} edits={edits} />}</Group>
            </div>
        </section>
    );
}

/** The three things that disturb a sensor most, nearest first. */
function Nearest({ place }: { place: Place }) {
    const { system } = useUnits();
    const near = place.disturbances.filter((one) => one.distance_m !== null).sort((a, b) => (a.distance_m ?? 0) - (b.distance_m ?? 0)).slice(0, 3);
    return near.length === 0 ? null : <p className="quiet">Nearest: {near.map((one) => `${one.label}, ${length(one.distance_m, system)}`).join('; ')}.</p>;
}

function BesidePetrol({ job, on, label, edits }: { job: PlannedJob; on: string; label: string; edits: PlanEdits }) {
    const { system } = useUnits();
    const battery = job.plan.batteries?.find((one) => `battery:${one.id}` === on);
    return (
        <>
            <label>
                to the nearest petrol fitting <PartField edits={edits} readOnly={!job.can_change} on={on} field="petrol_fitting_m" label={`${label} to the nearest petrol fitting`} value={length(battery?.petrol_fitting_m, system)} />
            </label>
            <Checkbox aria-label={`A shield between ${label} and petrol`} checked={battery?.petrol_shield ?? false} disabled={!job.can_change} onChange={(event) => {
                    const there = event.currentTarget.checked;
                    void edits.submit(() => ({ patch: [{ on, set: { petrol_shield: there } }] }));
                }} label="a shield between" />
        </>
    );
}

function Sensor({ job, place, edits }: { job: PlannedJob; place: Layout['places'][number]; edits: PlanEdits }) {
    const { system } = useUnits();
    const [forward, setForward] = useState('');
    const [port, setPort] = useState('');
    const fixed = !job.can_change;
    const { on, label } = place;
    const device = job.plan.devices?.find((one) => `device:${one.id}` === on);
    const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    const spot = device?.at_m;
    return (
        <>
            {spot === undefined ? (
                !fixed && (
                    <Group component="form" align="end" gap={8} mt={8}
                        
                        onSubmit={(event) => {
                            event.preventDefault();
                            void edits.submit(() => ({ typed: { on, fields: [{ field: 'at_m.x_m', text: forward }, { field: 'at_m.y_m', text: port }] } }));
                        }}
                    >
                        <TextInput size="xs" label={`${label}, forward of the transom`} value={forward} onChange={(event) => setForward(event.currentTarget.value)} required />
                        <TextInput size="xs" label={`${label}, to port`} value={port} onChange={(event) => setPort(event.currentTarget.value)} required />
                        <Button type="submit" size="compact-sm" variant="outline">
                            It sits there
                        </Button>
                    </Group>
                )
            ) : (
                <>
                    <label>
                        forward of the transom <PartField edits={edits} readOnly={fixed} on={on} field="at_m.x_m" label={`${label}, forward of the transom`} value={length(spot.x_m, system)} />
                    </label>
                    <label>
                        to port <PartField edits={edits} readOnly={fixed} on={on} field="at_m.y_m" label={`${label}, to port`} value={length(spot.y_m, system)} />
                    </label>
                </>
            )}
            {device?.kind === 'heading-sensor' && (
                <Checkbox aria-label={`${label} was calibrated there`} checked={device.calibrated ?? false} disabled={fixed} onChange={(event) => set({ calibrated: event.currentTarget.checked })} label="calibrated there" />
            )}
            {device?.kind === 'position-antenna' && (
                <>
                    <label>
                        sees <PlaceSelect label={`${label} sees`} value={device.sky ?? ''} choices={choicesOf('device.sky')} readOnly={fixed} onChosen={(sky) => set({ sky })} />
                    </label>
                    <label>
                        underfoot <PlaceSelect label={`${label} is stepped on`} value={device.stepped_on === undefined ? '' : device.stepped_on ? 'yes' : 'no'} choices={choicesOf('device.stepped_on')} readOnly={fixed} onChosen={(stepped) => set({ stepped_on: stepped === 'yes' })} />
                    </label>
                </>
            )}
        </>
    );
}
