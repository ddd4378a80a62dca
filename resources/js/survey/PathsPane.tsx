import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import { choicesOf } from '../api/forms';
import type { PatchStep, PlannedJob, Survey } from '../api/types';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import { partName } from '../boat/parts';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, gauge, length, useUnits, volts } from '../units/units';
import classes from './SurveyStage.module.css';
import told from '../plan/told.module.css';


interface Props {
    job: PlannedJob;
    survey: Survey;
    edits: PlanEdits;
    chosen: string;
    onChoose: (check: string) => void;
}

/** The circuits that were measured as they were found: readings, what explains them, and what mends it. */
export function PathsPane({ job, survey, edits, chosen, onChoose }: Props) {
    const { system } = useUnits();
    const checks = job.plan.survey?.path_checks ?? [];
    const check = checks.find((one) => one.id === chosen) ?? checks[0];
    const fixed = !job.can_change;
    const judged = survey.checks.find((one) => one.id === check?.id);
    if (check === undefined) {
        return <p>No path was checked yet. Begin one from a complaint, under What hurts.</p>;
    }
    const on = `check:${check.id}`;
    const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    const field = (path: string, label: string, value: string, isText = false) => (
        <label className={told.line}>
            <span>{label}</span>
            <PartField edits={edits} readOnly={fixed} on={on} field={path} label={label} value={value} words={isText} />
        </label>
    );
    return (
        <div className={classes.columns}>
            <section aria-label="Readings">
                <label className={told.line}>
                    <span>Path</span>
                    <PlaceSelect label="Path" value={check.id} choices={survey.checks.map((one) => [one.id, one.label] as const)} readOnly={false} onChosen={onChoose} />
                </label>
                {field('name', 'Called', check.name ?? '', true)}
                <label className={told.line}>
                    <span>To the device</span>
                    <PlaceSelect label="To the device" value={check.device ?? ''} choices={(job.plan.devices ?? []).map((device) => [device.id, partName(job, `device:${device.id}`)] as const)} readOnly={fixed} onChosen={(device) => set({ device })} />
                </label>
                <label className={told.line}>
                    <span>From the battery</span>
                    <PlaceSelect label="From the battery" value={check.battery ?? ''} choices={survey.batteries.map((one) => [one.id, one.label] as const)} readOnly={fixed} onChosen={(battery) => set({ battery })} />
                </label>
                {field('nominal_v', 'Volts it is made for', volts(check.nominal_v ?? 12, 0))}
                {field('battery_rest_v', 'At the battery, at rest', volts(check.battery_rest_v, 2))}
                {field('battery_loaded_v', 'At the battery, loaded', volts(check.battery_loaded_v, 2))}
                {field('device_rest_v', 'At the device, at rest', volts(check.device_rest_v, 2))}
                {field('device_loaded_v', 'At the device, loaded', volts(check.device_loaded_v, 2))}
                {field('amps_a', check.amps_a === undefined && judged?.amps_a != null ? `Amps (${amps(judged.amps_a)} by its maker’s figure)` : 'Amps', check.amps_a === undefined ? '–' : `${Number(check.amps_a.toFixed(2))} A`)}
                {field('length_m', 'Length of the wire, one way', length(check.length_m, system))}
                {field('gauge', 'Gauge of the wire', check.gauge === undefined ? '–' : gauge(check.gauge))}
                <label className={told.line}>
                    <span>Wire of</span>
                    <PlaceSelect label="Wire of" value={check.metal ?? 'copper'} choices={choicesOf('check.metal')} readOnly={fixed} onChosen={(metal) => set({ metal })} />
                </label>
                {(check.between ?? []).map((point, at) => (
                    <div key={at} className={told.line}>
                        <span>At {point.name}, loaded</span>
                        <span>
                            <PartField edits={edits} readOnly={fixed} on={on} field={`between.${at}.loaded_v`} label={`At ${point.name}, loaded`} value={volts(point.loaded_v, 2)} />{' '}
                            <PartField edits={edits} readOnly={fixed} on={on} field={`between.${at}.along_m`} label={`${point.name}, from the battery`} value={length(point.along_m, system)} />{' '}
                            {!fixed && (
                                <Act aria-label={`Take out the point ${point.name}`} onClick={() => void edits.submit((now) => ({ patch: [{ on, set: { between: pointsOf(now, check.id).filter((_, which) => which !== at) } }] }))}>
                                    take out
                                </Act>
                            )}
                        </span>
                    </div>
                ))}
                {!fixed && <Between key={check.id} check={check.id} at={(check.between ?? []).length} edits={edits} />}
            </section>
            <section aria-label="What explains it" className={classes.outcome}>
                <Group component="p" gap="2px 16px" align="baseline" fz={18} className={classes.cause}>
                    <Verdict good={judged?.cause === 'nothing-wrong' ? true : judged?.cause === 'unknown' || judged?.cause === 'contradictory' ? null : false} data-figure="cause">
                        {judged?.found}
                    </Verdict>
                    {judged?.figures != null && (
                        <Verdict good={judged.cause === 'nothing-wrong'} fz={24} data-figure="cause-figures">
                            {judged.figures}
                        </Verdict>
                    )}
                </Group>
                <p data-figure="path-says" aria-live="polite">
                    {judged?.says}
                </p>
                {judged?.path_mohm != null && (
                    <p className="quiet">
                        The path has {judged.path_mohm.toFixed(0)} mΩ{judged.wire_mohm === null ? '' : `, its wire alone should have ${judged.wire_mohm.toFixed(0)} mΩ`}.
                    </p>
                )}
                {judged?.remedy != null && judged.remedy !== '' && (
                    <p>
                        <strong>{judged.remedy}</strong>
                    </p>
                )}
                {judged?.renewed_by != null ? (
                    <p>
                        <Verdict good>The plan&apos;s run {judged.renewed_by} takes its place.</Verdict>
                    </p>
                ) : (
                    judged?.patch != null &&
                    !fixed && (
                        <Button size="compact-sm" onClick={() => void edits.submit(() => ({ patch: judged.patch as PatchStep[] }))}>
                            {judged.patch.length === 1 ? "Leave it to the plan's run" : 'Plan a direct fused feed'}
                        </Button>
                    )
                )}
                {judged?.next != null && <p className="quiet">{judged.next}</p>}
                {!fixed && (
                    <p>
                        <Act onClick={() => void edits.submit(() => ({ takeOut: on }))}>
                            take this check out
                        </Act>
                    </p>
                )}
            </section>
        </div>
    );
}

function pointsOf(job: PlannedJob, check: string) {
    return job.plan.survey?.path_checks?.find((one) => one.id === check)?.between ?? [];
}

/** A point between battery and device; its volts and its name stand together. */
function Between({ check, at, edits }: { check: string; at: number; edits: PlanEdits }) {
    const [name, setName] = useState('');
    const [read, setRead] = useState('');
    return (
        <Group component="form" align="end" gap={8} mt={8}
            
            onSubmit={(event) => {
                event.preventDefault();
                void edits.submit(() => ({ propose: { make: 'point', check, name, text: read } })).then((kept) => {
                    if (kept) {
                        setName('');
                        setRead('');
                    }
                });
            }}
        >
            <TextInput size="xs" label={`Point between ${at + 1}`} value={name} onChange={(event) => setName(event.currentTarget.value)} required />
            <TextInput size="xs" label="Volts there, loaded" value={read} onChange={(event) => setRead(event.currentTarget.value)} required />
            <Button type="submit" size="compact-sm" variant="outline">
                Add it
            </Button>
        </Group>
    );
}
