import { useEffect, useRef, useState } from 'react';

import { NotReached } from '../api/client';
import type { Judgement, Measurement } from '../api/types';
import { aloud } from './aloud';
import { accepts, expected, shown } from './figures';
import { OVER, typedReading, UNITS } from './typedReading';
import type { FromMeter } from './useHandMeter';

/** ms that a reading that was right stands on the glass before the next is asked for */
const STANDS = 700;

interface Asked {
    /** one after the other */
    measures: Measurement[];
    /** what the server takes them for */
    judge: (values: number[], isChecked: boolean) => Promise<Judgement[]>;
    /** all of them are right */
    onAll: (values: number[]) => void;
    /** reads a meter that the shop registered; undefined: there is none */
    fromMeter?: FromMeter | undefined;
    /** says aloud what there is to hear */
    isAloud: boolean;
}

/** Readings one after the other, each typed or taken from a meter, judged, and gone on from by itself while they are right. */
export function useReadingSequence({ measures, judge, onAll, fromMeter, isAloud }: Asked) {
    const [values, setValues] = useState<number[]>([]);
    const [typed, setTyped] = useState('');
    const [unit, setUnit] = useState<string | null>(null);
    const [judged, setJudged] = useState<Judgement | null>(null);
    /** why no reading came from the meter */
    const [silent, setSilent] = useState<string | null>(null);
    const [isBusy, setBusy] = useState(false);
    const next = useRef<number | undefined>(undefined);
    useEffect(() => () => window.clearTimeout(next.current), []);
    const at = Math.min(values.length, measures.length - 1);
    const of = measures[at];
    const chosen = unit ?? (of === undefined ? '' : (UNITS[of.unit][0]?.[0] ?? ''));
    const value = of === undefined ? null : typedReading(typed, of.unit, chosen);
    const say = (sentence: string) => isAloud && aloud(sentence);

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
    /** @param isChecked looked at again, and not read wrong */
    const take = async (taken: number, isChecked: boolean) => {
        if (of === undefined) {
            return;
        }
        setBusy(true);
        const last = await judge([...values, taken], isChecked).then((judgements) => judgements.at(-1), (why: unknown) => withoutServer(of, taken, why));
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
        if (of === undefined || got === undefined || typeof got === 'string') {
            setSilent(got === undefined || typeof got !== 'string' ? null : got);
        } else if (got.unit !== of.unit) {
            setSilent(`The meter is on ${got.unit}: set ${of.range}.`);
        } else {
            setSilent(null);
            setUnit(of.unit);
            setTyped(got.value >= OVER ? 'OL' : String(got.value));
            await take(got.value, false);
        }
    };
    const again = () => {
        setTyped('');
        setJudged(null);
    };
    return { of, at, typed, setTyped, chosen, setUnit, value, judged, silent, isBusy, take, takeFromMeter, again };
}

export type ReadingInHand = ReturnType<typeof useReadingSequence>;

/** What is right is right without a server; why something is not, only the server tells. */
function withoutServer(of: Measurement, taken: number, why: unknown): Judgement {
    if (!(why instanceof NotReached)) {
        return { verdict: 'outside', says: why instanceof Error ? why.message : 'It could not be judged.', next: null };
    }
    return accepts(of, taken)
        ? { verdict: 'inside', says: `${shown(taken, of.unit)}: right.`, next: null }
        : { verdict: 'outside', says: `${shown(taken, of.unit)} where ${expected(of)} should be. Why, the server says once it answers.`, next: null };
}
