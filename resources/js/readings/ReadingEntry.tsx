import { Button } from '@mantine/core';
import { useEffect, useRef } from 'react';

import type { Measurement } from '../api/types';
import { Keypad } from './Keypad';
import classes from './ReadingSequence.module.css';
import type { ReadingInHand } from './useReadingSequence';

/** What a key makes of what was typed. */
function afterKey(typed: string, key: string): string {
    if (key === 'OL') {
        return 'OL';
    }
    if (key === '−') {
        return typed.startsWith('−') ? typed.slice(1) : `−${typed}`;
    }
    return typed === 'OL' ? key : typed + key;
}

/** Where a reading is typed, or taken from a meter. */
export function ReadingEntry({ of, reading, hasMeter }: { of: Measurement; reading: ReadingInHand; hasMeter: boolean }) {
    const input = useRef<HTMLInputElement>(null);
    const { at, typed, setTyped, chosen, setUnit, value, judged, isBusy, take, takeFromMeter } = reading;
    useEffect(() => {
        if (judged === null) {
            input.current?.focus({ preventScroll: true });
        }
    }, [at, judged]);
    return (
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
                {hasMeter && (
                    <Button variant="outline" mih={52} px={10} data-from-meter loading={isBusy} onClick={() => void takeFromMeter()}>
                        From the meter
                    </Button>
                )}
            </div>
            <Keypad
                unit={of.unit}
                chosen={chosen}
                onUnit={setUnit}
                onKey={(key) => setTyped(afterKey(typed, key))}
                onBack={() => setTyped(typed === 'OL' ? '' : typed.slice(0, -1))}
                canTake={value !== null && judged === null}
                isBusy={isBusy}
                onTake={() => value !== null && void take(value, false)}
            />
        </form>
    );
}
