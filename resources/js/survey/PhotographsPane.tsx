import { Button } from '@mantine/core';
import { useRef, useState } from 'react';

import type { PlannedJob, Survey } from '../api/types';
import table from '../look/table.module.css';
import { PlaceSelect } from '../plan/PlaceSelect';
import classes from './SurveyStage.module.css';
import type { Going } from './usePhotographQueue';

interface Props {
    job: PlannedJob;
    survey: Survey;
    going: Going[];
    onSend: (files: File[], of: string) => void;
    onLetGo: (id: string) => void;
    chosen: string;
    onChoose: (photograph: string) => void;
}

/** Which photographs must exist, which are there, and those on their way up. */
export function PhotographsPane({ job, survey, going, onSend, onLetGo, chosen, onChoose }: Props) {
    const file = useRef<HTMLInputElement>(null);
    const [of, setOf] = useState('');
    const missing = survey.needed.filter((one) => one.taken === 0);
    const next = missing[0]?.of ?? 'other';
    const subject = of === '' ? next : of;
    const subjects = [...survey.needed.map((one) => [one.of, one.label] as const), ['other', 'something else'] as const];
    const labelOf = (what: string) => survey.needed.find((one) => one.of === what)?.label ?? 'something else';
    return (
        <div className={classes.columns}>
            <section aria-label="Photographs to take">
                <p className={missing.length > 0 ? table.doubt : table.good} data-figure="missing">
                    {missing.length === 0 ? 'Everything is photographed: it may be unhooked.' : `${missing.length} still to be taken before anything is unhooked.`}
                </p>
                <ul className={classes.needed}>
                    {survey.needed.map((one) => (
                        <li key={one.of} data-needed={one.of}>
                            <span aria-hidden="true">{one.taken > 0 ? '☑' : '☐'}</span> {one.label} <span className="quiet">{one.taken > 0 ? `${one.taken} taken` : 'not yet'}</span>
                        </li>
                    ))}
                </ul>
                <p className={table.form}>
                    <label>
                        A photograph of <PlaceSelect label="A photograph of" value={subject} choices={subjects} readOnly={false} onChosen={setOf} />
                    </label>
                    <Button size="compact-md" onClick={() => file.current?.click()}>
                        Take or choose
                    </Button>
                </p>
                <input
                    ref={file}
                    type="file"
                    accept="image/jpeg,image/png,image/webp"
                    capture="environment"
                    multiple
                    hidden
                    aria-label="Photographs"
                    onChange={(event) => {
                        onSend([...(event.currentTarget.files ?? [])], subject);
                        event.currentTarget.value = '';
                        setOf('');
                    }}
                />
                <ul className={classes.going} aria-label="On their way up">
                    {going.map((one) => (
                        <li key={one.id} data-going={one.of} data-waits={one.waits || undefined}>
                            {one.refused !== null ? (
                                <span role="alert">
                                    <span className={table.bad}>{one.refused}</span>{' '}
                                    <button type="button" className="act" onClick={() => onLetGo(one.id)}>
                                        let it go
                                    </button>
                                </span>
                            ) : (
                                <>
                                    {labelOf(one.of)}: <progress max={1} value={one.share} aria-label={`${labelOf(one.of)} on its way up`} /> {Math.round(one.share * 100)} %{one.waits && <span className={table.doubt}> the line is broken; it goes on by itself</span>}
                                </>
                            )}
                        </li>
                    ))}
                </ul>
            </section>
            <section aria-label="Photographs taken">
                <ul className={classes.wall}>
                    {(job.plan.survey?.photographs ?? []).map((photograph) => {
                        const there = survey.pictures.some((one) => one.name === photograph.id);
                        const words = photograph.words === undefined || photograph.words === '' ? labelOf(photograph.of) : photograph.words;
                        return (
                            <li key={photograph.id} data-photograph={photograph.of}>
                                <button type="button" className={classes.thumb} aria-pressed={photograph.id === chosen} onClick={() => onChoose(photograph.id)}>
                                    {there ? <img src={`/api/jobs/${job.id}/photographs/${photograph.id}?thumbnail=1`} alt="" loading="lazy" /> : <span className={classes.blank}>not here</span>}
                                    <span>{words}</span>
                                </button>
                            </li>
                        );
                    })}
                </ul>
            </section>
        </div>
    );
}
