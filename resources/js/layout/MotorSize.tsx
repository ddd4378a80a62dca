import { Title } from '@mantine/core';
import type { Layout, PlannedJob } from '../api/types';
import { MotorSizeDrawing } from '../drawings/mounting/MotorSizeDrawing';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import type { PlanEdits } from '../plan/usePlanEdits';
import { mass, thrust, useUnits, wind, windage } from '../units/units';
import classes from './MountingPane.module.css';

const ASKS = 'Do the motors push enough for her mass and the wind?';

interface Props {
    job: PlannedJob;
    size: NonNullable<Layout['motor_size']>;
    edits: PlanEdits;
}

/** What the motors push against what her mass asks for, and the wind that they hold her against. */
export function MotorSize({ job, size, edits }: Props) {
    const { system } = useUnits();
    const fixed = !job.can_change;
    const boat = job.plan.boat;
    const motors = job.plan.devices?.filter((device) => device.kind === 'motor') ?? [];
    return (
        <section className={classes.check} aria-label={ASKS} data-check="motor-size">
            <MotorSizeDrawing good={size.good} label={`${ASKS} ${size.says}`} thrust_n={size.thrust_n} needed_n={size.needed_n} windage_m2={boat?.windage_m2 ?? null} beam_m={boat?.beam_m ?? null} twoHulls={boat?.hull === 'pontoon'} />
            <div className={classes.words}>
                <Title order={3} size={16}>{ASKS}</Title>
                <p data-figure="motor-size" aria-live="polite">
                    <Verdict good={size.good}>
                    {size.says} {size.wind_m_s !== null && `Holds against ${wind(size.wind_m_s, system)} of wind from ahead, without current.`}
                    </Verdict>
                </p>
                <dl className={classes.measures}>
                    {motors.map((motor) => (
                        <div key={motor.id}>
                            <dt>Thrust of {motor.name ?? motor.id}</dt>
                            <dd>
                                <PartField edits={edits} readOnly={fixed} on={`device:${motor.id}`} field="thrust_n" label={`Thrust of ${motor.name ?? motor.id}`} value={thrust(motor.thrust_n, system)} />
                            </dd>
                        </div>
                    ))}
                    <div>
                        <dt>Boat with everything and everybody aboard</dt>
                        <dd>
                            <PartField edits={edits} readOnly={fixed} on="plan" field="boat.loaded_kg" label="Mass of the boat, loaded" value={mass(boat?.loaded_kg, system)} />
                        </dd>
                    </div>
                    <div>
                        <dt>Area that the wind finds, from the bow</dt>
                        <dd>
                            <PartField edits={edits} readOnly={fixed} on="plan" field="boat.windage_m2" label="Area that the wind finds" value={boat?.windage_m2 === undefined ? '–' : windage(boat.windage_m2, system)} />
                        </dd>
                    </div>
                </dl>
            </div>
        </section>
    );
}
