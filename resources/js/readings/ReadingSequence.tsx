import { Button } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';

import { NotReached } from '../api/client';
import type { DrawnBlock, Judgement, Measurement } from '../api/types';
import { together } from '../units/together';
import { aloud } from './aloud';
import { expected, rightFromTo, shown } from './figures';
import { Keypad } from './Keypad';
import { PostsDrawn } from './PostsDrawn';
import classes from './ReadingSequence.module.css';
import { ToleranceBar } from './ToleranceBar';
import { OVER, typedReading, UNITS } from './typedReading';
import { useAloud } from './useAloud';
import { useVoltsJack } from './useVoltsJack';
import { VoltsJack } from './VoltsJack';

/** ms that a reading that was right stands on the glass before the next is asked for */
const STANDS = 700;

interface Props {
    /** one after the other */
    measures: Measurement[];
    blocks: DrawnBlock[];
    /** what the server takes them for */
    judge: (values: number[], isChecked: boolean) => Promise<Judgement[]>;
    /** all of them are right */
    onAll: (values: number[]) => void;
    /** keeps one that is outside, where nothing sparks or burns by going on; else it is read again */
    onOutside?: (value: number) => void;
    /** reads a meter that the shop registered; undefined: there is none */
    fromMeter?: () => Promise<{ value: number; unit: Measurement['unit'] } | string>;
}

/** Readings one after the other: where red and black go, what must come, what came; it goes on by itself while they are right. */
export function ReadingSequence({ measures, blocks, judge, onAll, onOutside, fromMeter }: Props) {
    const [values, setValues] = useState<number[]>([]);
    const [typed, setTyped] = useState('');
    const [unit, setUnit] = useState<string | null>(null);
    const [judged, setJudged] = useState<Judgement | null>(null);
    /** why no reading came from the meter */
    const [silent, setSilent] = useState<string | null>(null);
    const [isBusy, setBusy] = useState(false);
    const [isAloud, setAloud] = useAloud();
    const [isInVolts, setInVolts] = useVoltsJack();
    const input = useRef<HTMLInputElement>(null);
    const next = useRef<number | undefined>(undefined);
    const at = Math.min(values.length, measures.length - 1);
    const of = measures[at];
    useEffect(() => {
        if (judged === null) {
            input.current?.focus({ preventScroll: true });
        }
    }, [at, judged, isInVolts]);
    useEffect(() => () => window.clearTimeout(next.current), []);
    if (of === undefined) {
        return null;
    }
    if (of.unit === 'V' && !isInVolts) {
        return <VoltsJack onYes={setInVolts} />;
    }
    const chosen = unit ?? UNITS[of.unit][0]?.[0] ?? '';
    const value = typedReading(typed, of.unit, chosen);
    const say = (sentence: string) => isAloud && aloud(sentence);
    const again = () => {
        setTyped('');
        setJudged(null);
    };
    const goOn = (taken: number) => {
        const all = [...values, taken];
        next.current = window.setTimeout(() => {
            setJudged(null);
            if (all.length === measures.length) {
                onAll(all);
                return;
            }
            setValues(all);
            setTyped('');
            setUnit(null);
            const following = measures[all.length];
            if (following !== undefined) {
                say(`Next: red on ${following.red}, black on ${following.black}: ${expected(following)}`);
            }
        }, STANDS);
    };
    const take = async (taken: number, isChecked: boolean) => {
        setBusy(true);
        let last: Judgement | undefined;
        try {
            last = (await judge([...values, taken], isChecked)).at(-1);
        } catch (why) {
            const isInside = taken >= of.low && (of.high === null || taken <= of.high);
            last =
                why instanceof NotReached && isInside
                    ? { verdict: 'inside', says: `${shown(taken, of.unit)}: right.`, next: null }
                    : { verdict: 'outside', says: why instanceof NotReached ? `${shown(taken, of.unit)} where ${expected(of)} should be. Why, the server says once it answers.` : (why as Error).message, next: null };
        }
        setBusy(false);
        if (last !== undefined) {
            setJudged(last);
            say(last.says);
            if (last.verdict === 'inside') {
                goOn(taken);
            }
        }
    };
    const takeFromMeter = async () => {
        setBusy(true);
        const got = await fromMeter?.();
        setBusy(false);
        if (got === undefined || typeof got === 'string') {
            setSilent(got ?? null);
        } else if (got.unit !== of.unit) {
            setSilent(`The meter is on ${got.unit}: set ${of.range}.`);
        } else {
            setSilent(null);
            setUnit(of.unit);
            setTyped(got.value >= OVER ? 'OL' : String(got.value));
            await take(got.value, false);
        }
    };
    return (
        <div className={classes.sequence} data-reading={of.id}>
            <div className={classes.sides}>
            <div className={classes.side}>
            <div className={classes.top}>
                <h2 className={classes.title}>{together(`${of.says.charAt(0).toUpperCase()}${of.says.slice(1)}`)}</h2>
                <span className={classes.range} data-figure="range">
                    {of.range}
                </span>
            </div>
            <PostsDrawn of={of} blocks={blocks} />
            <dl className={classes.probes}>
                <dt className={classes.redWord}>Red</dt>
                <dd>{together(of.red)}</dd>
                <dt>Black</dt>
                <dd>{together(of.black)}</dd>
            </dl>
        </div>
        <div className={classes.side}>
            <dl className={classes.must}>
                <dt>must show</dt>
                <dd data-figure="expected">{expected(of)}</dd>
            </dl>
            <p className="quiet" style={{ margin: 0 }}>
                {measures.length > 1 && `${at + 1} of ${measures.length} · `}
                {together(rightFromTo(of))}
            </p>
            <ToleranceBar of={of} value={value} />
            <div role="status" className={classes.verdict} data-verdict={judged?.verdict ?? ''}>
                {judged !== null && (
                    <>
                        {judged.verdict === 'inside' ? '✓ ' : judged.verdict === 'asks' ? '? ' : '⬣ '}
                        {together(judged.says)}
                        {judged.next !== null && <strong className={classes.next}>{together(judged.next)}</strong>}
                    </>
                )}
            </div>
            {silent !== null && <p role="alert" style={{ margin: 0 }}>{silent}</p>}
            {judged === null || judged.verdict === 'inside' ? (
                <form
                    className={classes.entry}
                    onSubmit={(event) => {
                        event.preventDefault();
                        if (value !== null && judged === null && !isBusy) {
                            void take(value, false);
                        }
                    }}
                >
                    <div className={classes.row}>
<div className={classes.typed}>
<input ref={input} aria-label={`Reading ${of.says}, in ${chosen}`} inputMode="none" autoComplete="off" value={typed} readOnly={judged !== null} onChange={(event) => setTyped(event.currentTarget.value)} />
                        <span aria-hidden="true">{chosen}</span>
                    </div>
                    {fromMeter !== undefined && (
                        <Button variant="outline" mih={52} px={10} data-from-meter loading={isBusy} onClick={() => void takeFromMeter()}>
                            From the meter
                        </Button>
                    )}
                    </div>
                    <Keypad
                        unit={of.unit}
                        chosen={chosen}
                        onUnit={setUnit}
                        onKey={(key) => setTyped(key === 'OL' ? 'OL' : key === '−' ? (typed.startsWith('−') ? typed.slice(1) : `−${typed}`) : typed === 'OL' ? key : typed + key)}
                        onBack={() => setTyped(typed === 'OL' ? '' : typed.slice(0, -1))}
                        canTake={value !== null && judged === null}
                        isBusy={isBusy}
                        onTake={() => value !== null && void take(value, false)}
                    />
                </form>
            ) : (
                <div className={classes.entry}>
                    <Button className={classes.wide} data-again onClick={again}>
                        Read it again
                    </Button>
                    {judged.verdict === 'outside' && onOutside !== undefined && value !== null && (
                        <Button variant="outline" className={classes.wide} data-outside onClick={() => onOutside(value)}>
                            Keep it as it is, and go on
                        </Button>
                    )}
                    {judged.verdict === 'asks' && (
                        <Button variant="outline" className={classes.wide} data-checked loading={isBusy} onClick={() => value !== null && void take(value, true)}>
                            I looked: that is what it shows
                        </Button>
                    )}
                </div>
            )}
            <Button variant="subtle" className={classes.aloud} aria-pressed={isAloud} onClick={() => setAloud(!isAloud)}>
                {isAloud ? 'Said aloud: turn it off' : 'Say it aloud'}
            </Button>
            </div>
            </div>
        </div>
    );
}
