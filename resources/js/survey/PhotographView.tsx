import { Button, Group } from '@mantine/core';
import type { KeyboardEvent } from 'react';

import { Act } from '../look/Act';
import type { PlannedJob, Survey } from '../api/types';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import classes from './PhotographView.module.css';
import { subjectsOf } from './subjectsOf';

type Photograph = NonNullable<NonNullable<PlannedJob['plan']['survey']>['photographs']>[number];

const ARROWS: Record<string, [number, number]> = { ArrowRight: [0.01, 0], ArrowLeft: [-0.01, 0], ArrowUp: [0, -0.01], ArrowDown: [0, 0.01] };

interface Props {
    job: PlannedJob;
    survey: Survey;
    photograph: Photograph;
    edits: PlanEdits;
}

/** A photograph with its numbered marks: click it to set one; the list beside it gives each its word. */
export function PhotographView({ job, survey, photograph, edits }: Props) {
    const picture = survey.pictures.find((one) => one.content === photograph.picture);
    const marks = photograph.marks ?? [];
    const on = `photograph:${photograph.id}`;
    // From the marks as they are by then, so that quick presses follow one another.
    const keep = (next: (now: typeof marks) => typeof marks) =>
        void edits.submit((now) => {
            const there = now.plan.survey?.photographs?.find((one) => one.id === photograph.id);
            return there === undefined ? null : { patch: [{ on, set: { marks: next(there.marks ?? []) } }] };
        });
    const share = (value: number) => Number(Math.min(1, Math.max(0, value)).toFixed(3));
    const nudge = (at: number) => (event: KeyboardEvent) => {
        const by = ARROWS[event.key];
        if (by !== undefined && job.can_change) {
            event.preventDefault();
            keep((now) => now.map((mark, which) => (which === at ? { ...mark, x: share(mark.x + by[0]), y: share(mark.y + by[1]) } : mark)));
        }
    };
    return (
        <div className={classes.view}>
            <div className={classes.sheet}>
                {picture === undefined ? (
                    <p className={classes.missing}>The picture itself is not here: the plan came as a file. Photograph it again.</p>
                ) : (
                    <div className={classes.picture} style={{ aspectRatio: `${picture.width} / ${picture.height}` }}>
                        <img
                            src={`/api/jobs/${job.id}/photographs/${picture.content}`}
                            alt={photograph.words === undefined || photograph.words === '' ? photograph.id : photograph.words}
                            onClick={(event) => {
                                if (job.can_change) {
                                    const box = event.currentTarget.getBoundingClientRect();
                                    const mark = { x: share((event.clientX - box.left) / box.width), y: share((event.clientY - box.top) / box.height) };
                                    keep((now) => [...now, mark]);
                                }
                            }}
                        />
                        {marks.map((mark, at) => (
                            <button key={at} type="button" className={classes.mark} style={{ left: `${mark.x * 100}%`, top: `${mark.y * 100}%` }} aria-label={`Mark ${at + 1}: ${mark.words === undefined || mark.words === '' ? 'no word yet' : mark.words}. Arrows move it`} onKeyDown={nudge(at)}>
                                {at + 1}
                            </button>
                        ))}
                    </div>
                )}
            </div>
            <div className={classes.words}>
                <p>
                    <PartField edits={edits} readOnly={!job.can_change} on={on} field="words" label="What the photograph shows" value={photograph.words ?? ''} words />
                </p>
                <p>
                    <label>
                        of <PlaceSelect label="What it is a photograph of" value={photograph.of} choices={subjectsOf(survey)} readOnly={!job.can_change} onChosen={(of) => void edits.submit(() => ({ patch: [{ on, set: { of } }] }))} />
                    </label>
                </p>
                <ol>
                    {marks.map((mark, at) => (
                        <li key={at}>
                            <PartField edits={edits} readOnly={!job.can_change} on={on} field={`marks.${at}.words`} label={`Word of mark ${at + 1}`} value={mark.words ?? ''} words />{' '}
                            {job.can_change && (
                                <Act aria-label={`Take off mark ${at + 1}`} onClick={() => keep((now) => now.filter((_, which) => which !== at))}>
                                    take off
                                </Act>
                            )}
                        </li>
                    ))}
                </ol>
                {job.can_change && (
                    <Group gap={8} mt={8}>
                        <Button size="compact-sm" variant="outline" onClick={() => keep((now) => [...now, { x: 0.5, y: 0.5 }])}>
                            Add a mark
                        </Button>
                        <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ takeOut: on }))}>
                            Take this photograph out
                        </Button>
                    </Group>
                )}
            </div>
        </div>
    );
}
