import { Button, Checkbox, TextInput } from '@mantine/core';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Link } from 'react-router-dom';

import type { Measurement, PlannedJob, RigStep, Work } from '../api/types';
import { usePhotographQueue } from '../photographs/PhotographQueue';
import { shown } from '../readings/figures';
import { useVoltsJack } from '../readings/useVoltsJack';
import { together } from '../units/together';
import { readingIn } from './readingIn';
import { SlideToSign } from './SlideToSign';
import classes from './StepActs.module.css';
import { type Standing } from './standing';
import { type WorkAtHand } from './useWork';

// What is asked: no first sight waits for it.
const AskOwnerDialog = lazy(async () => ({ default: (await import('./AskOwnerDialog')).AskOwnerDialog }));
const OtherwiseDialog = lazy(async () => ({ default: (await import('./OtherwiseDialog')).OtherwiseDialog }));
const SayDialog = lazy(async () => ({ default: (await import('./SayDialog')).SayDialog }));

const KINDS = 'image/jpeg,image/png,image/webp';

/** days after which rings that have settled are tightened again [common practice, no source] */
const AFTER = 14;

function inDays(days: number): string {
    const then = new Date();
    then.setDate(then.getDate() + days);
    return `${then.getFullYear()}-${String(then.getMonth() + 1).padStart(2, '0')}-${String(then.getDate()).padStart(2, '0')}`;
}

interface Props {
    job: PlannedJob;
    step: RigStep;
    standing: Standing;
    work: Work;
    /** pictures of the place that are kept */
    pictures: string[];
    submit: WorkAtHand['submit'];
    /** what is read with a meter before it is done */
    measures: Measurement[];
    /** what was read, all of it right; null: not yet */
    read: number[] | null;
    onRead: () => void;
    /** the step before was just done: the hand goes on here */
    takesFocus: boolean;
    /** it is done, or begun: on to the next */
    onDone: () => void;
}

/** What the thumb does about a step: done, or a hold slid; a picture, a note, a problem, what turned out otherwise. */
export function StepActs({ job, step, standing, work, pictures, submit, measures, read, onRead, takesFocus, onDone }: Props) {
    const foot = useRef<HTMLDivElement>(null);
    const camera = useRef<HTMLInputElement>(null);
    const hasTaken = useRef(false);
    useEffect(() => {
        if (takesFocus && !hasTaken.current) {
            hasTaken.current = true;
            foot.current?.querySelector<HTMLElement>('input:not([hidden]), [data-main]')?.focus({ preventScroll: true });
        }
    }, [takesFocus]);
    const { send, going } = usePhotographQueue(job.id);
    const [saying, setSaying] = useState<'note' | 'problem' | null>(null);
    const [asking, setAsking] = useState<string | null>(null);
    const [isOtherwise, setOtherwise] = useState(false);
    const hold = step.holds.find((one) => !one.metered) ?? null;
    const [typed, setTyped] = useState((hold?.readings ?? []).map(() => ''));
    const [isInVolts, setInVolts] = useVoltsJack();
    const [goods, setGoods] = useState({ serial: '', version: '' });
    const [why, setWhy] = useState('');
    const by = work.hand.id;
    const readsVolts = hold?.readings.some((one) => one.startsWith('V,')) === true;
    const isToRead = measures.length > 0 && read === null;
    const maySign = hold === null || hold.by_anyone || work.hand.may_sign;
    const wait = work.waits.find((one) => one.step === step.id);
    const isEarly = wait !== undefined && new Date(wait.over) > new Date();
    const isToBegin = step.kind === 'wait' && wait === undefined && step.needs.length === 0;
    const readings = typed.map((one, at) => readingIn(one, hold?.readings[at] ?? ''));
    const isLast = step.kind === 'hand-over';
    const [again, setAgain] = useState(() => inDays(AFTER));
    const isGoods = step.id.startsWith('bench:');
    const isReasoned = hold?.by_reason === true && why.trim().length >= 4;
    const lacks = !maySign
        ? 'A rigger signs this. Hand the phone over.'
        : isReasoned
          ? null
          : hold?.asks === 'photo' && pictures.length === 0
            ? going.length > 0 ? 'The picture is on its way up.' : 'Take a photograph first.'
            : hold?.asks === 'reading' && readings.some((one) => one === null)
              ? 'Type the readings first, each in its unit.'
              : readsVolts && !isInVolts
                ? 'Look first where red sits in the meter.'
                : isEarly
                  ? 'It stands still. Wait, or say why it may go on.'
                  : null;
    const done = () => {
        submit({
            step: step.id,
            act: 'done',
            by,
            ...(hold?.asks === 'tick' ? { tick: true } : {}),
            // What was not read is not kept as read.
            ...(hold?.asks === 'reading' && readings.every((one) => one !== null) ? { readings } : {}),
            ...(read === null ? {} : { readings: read }),
            ...(isGoods ? { serial: goods.serial.trim(), version: goods.version.trim() } : {}),
            ...(isLast && again !== '' ? { again_on: again } : {}),
            ...(why.trim() === '' ? {} : { reason: why.trim() }),
        });
        onDone();
    };
    return (
        <div ref={foot} className={classes.foot}>
            <div className={classes.acts}>
                <Button variant="outline" className={classes.small} onClick={() => camera.current?.click()}>
                    Photo
                </Button>
                <Button variant="outline" className={classes.small} onClick={() => setSaying('note')}>
                    Note
                </Button>
                <Button variant="outline" className={classes.small} onClick={() => setSaying('problem')}>
                    Problem
                </Button>
                {step.as_built.length > 0 && (
                    <Button variant="outline" className={classes.small} onClick={() => setOtherwise(true)}>
                        Otherwise
                    </Button>
                )}
            </div>
            <input
                ref={camera}
                type="file"
                accept={KINDS}
                capture="environment"
                hidden
                aria-label="Photograph from the camera"
                onChange={(event) => {
                    send([...(event.currentTarget.files ?? [])], step.at === null ? 'other' : `station:${step.at}`, step.says.slice(0, 300));
                    event.currentTarget.value = '';
                }}
            />
            {read !== null && standing === 'ready' && (
                <p style={{ margin: 0, fontSize: '1rem' }} data-figure="read">
                    ✓ Read: {together(read.map((value, at) => shown(value, measures[at]?.unit ?? 'V')).join(', '))}
                </p>
            )}
            {step.id.startsWith('loaded:') && standing === 'ready' && (
                <Button component={Link} variant="outline" className={classes.small} data-under-load to={`/jobs/${job.id}/meter?pane=load&way=${encodeURIComponent(step.on[0] ?? '')}&back=${encodeURIComponent(step.id)}`}>
                    Read it under load
                </Button>
            )}
            {standing === 'ready' && readsVolts && (
                <Checkbox label="Red sits in the volts jack, not in amps" checked={isInVolts} onChange={setInVolts} mih={48} data-jack />
            )}
            {standing === 'ready' && hold?.asks === 'reading' && (
                <div className={classes.readings} data-readings>
                    {hold.readings.map((reading, at) => (
                        <TextInput key={reading} size="lg" label={reading} inputMode="decimal" value={typed[at] ?? ''} onChange={(event) => setTyped(typed.map((one, which) => (which === at ? event.currentTarget.value : one)))} />
                    ))}
                </div>
            )}
            {isGoods && standing === 'ready' && (
                <div className={classes.readings} data-goods>
                    <TextInput size="lg" label="Serial number" autoComplete="off" maxLength={60} value={goods.serial} onChange={(event) => setGoods({ ...goods, serial: event.currentTarget.value })} />
                    <TextInput size="lg" label="Version" autoComplete="off" maxLength={60} value={goods.version} onChange={(event) => setGoods({ ...goods, version: event.currentTarget.value })} />
                </div>
            )}
            {isLast && standing === 'ready' && <TextInput size="lg" type="date" label="Tightened again on" value={again} onChange={(event) => setAgain(event.currentTarget.value)} />}
            {hold?.by_reason === true && maySign && (isEarly || (standing === 'ready' && (hold.asks === 'reading' || (hold.asks === 'photo' && pictures.length === 0)))) && <TextInput size="lg" data-reason maxLength={500} label={isEarly ? 'Why it may go on before then' : hold.asks === 'reading' ? 'Or why without these readings' : 'Or why without a photograph'} value={why} onChange={(event) => setWhy(event.currentTarget.value)} />}
            {standing === 'waiting' && step.needs.length === 0 && (
                <Button variant="outline" className={classes.small} onClick={() => submit({ step: step.id, act: 'undo', by })}>
                    It does not stand yet: take it back
                </Button>
            )}
            {standing === 'done' || standing === 'sending' ? (
                <Button variant="outline" className={classes.large} disabled={standing === 'sending'} onClick={() => submit({ step: step.id, act: 'undo', by })}>
                    Take it back
                </Button>
            ) : isToBegin ? (
                <Button
                    className={classes.large}
                    data-main
                    onClick={() => {
                        submit({ step: step.id, act: 'begin', by });
                        onDone();
                    }}
                >
                    It stands now: begin
                </Button>
            ) : standing !== 'ready' && !isEarly ? (
                <Button className={classes.large} disabled>
                    {standing === 'held' ? 'Held' : 'Not yet'}
                </Button>
            ) : isToRead ? (
                <Button className={classes.large} data-main data-read onClick={onRead}>
                    Read it first
                </Button>
            ) : hold === null ? (
                <Button className={classes.large} data-main data-done onClick={done}>
                    Done, next
                </Button>
            ) : (
                <SlideToSign words={lacks ?? 'Slide to sign'} disabled={lacks !== null} onSign={done} />
            )}
            <Suspense fallback={null}>
                {saying !== null && <SayDialog about={saying} onClose={() => setSaying(null)} onSay={(words) => submit({ step: step.id, act: saying, by, words })} onAsk={setAsking} />}
                {asking !== null && (
                        <AskOwnerDialog job={job} step={step} words={asking} picture={pictures.at(-1) ?? null} onClose={() => setAsking(null)} />
                )}
                {isOtherwise && <OtherwiseDialog step={step} onClose={() => setOtherwise(false)} onSay={(what, value) => submit({ step: step.id, act: 'as-built', by, what, value })} />}
            </Suspense>
        </div>
    );
}
