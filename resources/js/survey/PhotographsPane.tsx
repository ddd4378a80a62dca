import { Button, Group, Progress, UnstyledButton } from '@mantine/core';
import { type ChangeEvent, useRef, useState } from 'react';

import { Act } from '../look/Act';
import type { PlannedJob, Survey } from '../api/types';
import { Verdict } from '../look/Verdict';
import { NewStation } from '../plan/NewStation';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { subjectsOf } from './subjectsOf';
import classes from './SurveyStage.module.css';
import type { Going } from '../photographs/PhotographQueue';

const KINDS = 'image/jpeg,image/png,image/webp';

interface Props {
    job: PlannedJob;
    survey: Survey;
    edits: PlanEdits;
    going: Going[];
    onSend: (files: File[], of: string) => void;
    onLetGo: (id: string) => void;
    chosen: string;
    onChoose: (photograph: string) => void;
}

/** Which photographs must exist, which are there, and those on their way up. */
export function PhotographsPane({ job, survey, edits, going, onSend, onLetGo, chosen, onChoose }: Props) {
    const file = useRef<HTMLInputElement>(null);
    const camera = useRef<HTMLInputElement>(null);
    const [of, setOf] = useState('');
    const missing = survey.needed.filter((one) => one.taken === 0);
    const next = missing[0]?.of ?? 'other';
    const subject = of === '' ? next : of;
    const labelOf = (what: string) => survey.needed.find((one) => one.of === what)?.label ?? 'something else';
    const taken = (event: ChangeEvent<HTMLInputElement>) => {
        onSend([...(event.currentTarget.files ?? [])], subject);
        event.currentTarget.value = '';
        setOf('');
    };
    return (
        <div className={classes.columns}>
            <section aria-label="Photographs to take">
                <Verdict good={missing.length > 0 || survey.needed.length === 0 ? null : true} data-figure="missing">
                    {survey.needed.length === 0
                        ? 'What must be photographed is not known yet: name her compartments here, and say under Batteries found what stands in them.'
                        : missing.length === 0 ? 'Everything is photographed: it may be unhooked.' : `${missing.length} still to be taken before anything is unhooked.`}
                </Verdict>
                <OnTheirWay going={going} labelOf={labelOf} onLetGo={onLetGo} />
                <ul className="bare">
                    {survey.needed.map((one) => (
                        <li key={one.of} data-needed={one.of}>
                            <span aria-hidden="true">{one.taken > 0 ? '☑' : '☐'}</span> {one.label} <span className="quiet">{one.taken > 0 ? `${one.taken} taken` : 'not yet'}</span>
                        </li>
                    ))}
                </ul>
                <Group gap={8} mt={8}>
                    <label>
                        A photograph of <PlaceSelect label="A photograph of" value={subject} choices={subjectsOf(survey)} readOnly={false} onChosen={setOf} />
                    </label>
                    <Button size="compact-md" className={classes.camera} onClick={() => camera.current?.click()}>
                        Take it
                    </Button>
                    <Button size="compact-md" onClick={() => file.current?.click()}>
                        Choose files
                    </Button>
                </Group>
                <input ref={camera} type="file" accept={KINDS} capture="environment" hidden aria-label="Photograph from the camera" onChange={taken} />
                <input ref={file} type="file" accept={KINDS} multiple hidden aria-label="Photographs" onChange={taken} />
                {job.can_change && <NewStation edits={edits} />}
            </section>
            <section aria-label="Photographs taken">
                <Group component="ul" className="bare" gap={10}>
                    {(job.plan.survey?.photographs ?? []).map((photograph) => {
                        const there = photograph.picture !== undefined && survey.pictures.some((one) => one.content === photograph.picture);
                        const words = photograph.words === undefined || photograph.words === '' ? labelOf(photograph.of) : photograph.words;
                        return (
                            <li key={photograph.id} data-photograph={photograph.of}>
                                <UnstyledButton className={classes.thumb} aria-pressed={photograph.id === chosen} onClick={() => onChoose(photograph.id)}>
                                    {there ? <img src={`/api/jobs/${job.id}/photographs/${photograph.picture}?thumbnail=1`} alt="" loading="lazy" /> : <span className={classes.blank}>not here</span>}
                                    <span>{words}</span>
                                </UnstyledButton>
                            </li>
                        );
                    })}
                </Group>
            </section>
        </div>
    );
}

/** How many photographs are on their way up, those under way each with its progress, and what was refused. */
function OnTheirWay({ going, labelOf, onLetGo }: { going: Going[]; labelOf: (of: string) => string; onLetGo: (id: string) => void }) {
    const left = going.filter((one) => one.refused === null);
    return (
        <>
            {left.length > 0 && (
                <p data-figure="on-their-way">
                    {left.length} {left.length === 1 ? 'photograph' : 'photographs'} on the way up
                    {left.some((one) => one.waits !== null) && (
                        <Verdict good={null}>{left.some((one) => one.waits === 'sign-in') ? '; your sign-in has ended, they go on when you have signed in again' : '; the line is broken, it goes on by itself'}</Verdict>
                    )}
                    {left.some((one) => one.unkept) && <Verdict good={null}>; the browser has no room to keep them: leave this page open until they are up</Verdict>}
                </p>
            )}
            <ul className="bare" aria-label="On their way up">
                {going
                    .filter((one) => one.refused !== null || one.share > 0 || left.length === 1)
                    .map((one) => (
                        <li key={one.id} data-going={one.of} data-waits={one.waits ?? undefined}>
                            {one.refused !== null ? (
                                <span role="alert">
                                    <Verdict good={false}>{one.refused}</Verdict>{' '}
                                    <Act onClick={() => onLetGo(one.id)}>
                                        let it go
                                    </Act>
                                </span>
                            ) : (
                                <>
                                    {labelOf(one.of)}: {Math.round(one.share * 100)} %
                                    <Progress value={one.share * 100} aria-label={`${labelOf(one.of)} on its way up`} maw={240} transitionDuration={0} />
                                </>
                            )}
                        </li>
                    ))}
            </ul>
        </>
    );
}
