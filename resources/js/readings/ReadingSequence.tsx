import { Button } from '@mantine/core';

import type { DrawnBlock, Judgement, Measurement } from '../api/types';
import { together } from '../units/together';
import { AskedReading } from './AskedReading';
import { expected, rightFromTo } from './figures';
import { ReadingEntry } from './ReadingEntry';
import classes from './ReadingSequence.module.css';
import { ToleranceBar } from './ToleranceBar';
import { useAloud } from './useAloud';
import { type FromMeter } from './useHandMeter';
import { useReadingSequence } from './useReadingSequence';
import { useVoltsJack } from './useVoltsJack';
import { VoltsJack } from './VoltsJack';

const SIGNS: Record<Judgement['verdict'], string> = { inside: '✓', asks: '?', outside: '⬣' };

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
    fromMeter: FromMeter | undefined;
}

/** Readings one after the other: where red and black go, what must come, what came; it goes on by itself while they are right. */
export function ReadingSequence({ measures, blocks, judge, onAll, onOutside, fromMeter }: Props) {
    const [isAloud, setAloud] = useAloud();
    const [isInVolts, setInVolts] = useVoltsJack();
    const reading = useReadingSequence({ measures, judge, onAll, fromMeter, isAloud });
    const { of, at, value, judged, silent, isBusy, take, again } = reading;
    if (of === undefined) {
        return null;
    }
    if (of.unit === 'V' && !isInVolts) {
        return <VoltsJack onYes={setInVolts} />;
    }
    return (
        <div className={classes.sequence} data-reading={of.id}>
            <div className={classes.sides}>
                <AskedReading of={of} blocks={blocks} />
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
                                {SIGNS[judged.verdict]} {together(judged.says)}
                                {judged.next !== null && <strong className={classes.next}>{together(judged.next)}</strong>}
                            </>
                        )}
                    </div>
                    {silent !== null && (
                        <p role="alert" style={{ margin: 0 }}>
                            {silent}
                        </p>
                    )}
                    {judged === null || judged.verdict === 'inside' ? (
                        <ReadingEntry of={of} reading={reading} hasMeter={fromMeter !== undefined} />
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
