import { Button } from '@mantine/core';

import type { Bench } from '../api/types';
import { volts } from '../units/units';
import classes from './OrderOfConnection.module.css';
import type { First } from './useBench';

interface Props {
    bench: Bench;
    /** steps done */
    done: number;
    onDone: (steps: number) => void;
    onFirst: (first: First) => void;
}

/** The order of connection, played back post by post: the drawing above holds what is landed so far. */
export function OrderOfConnection({ bench, done, onDone, onFirst }: Props) {
    const last = bench.order.length;
    const step = bench.order[done - 1];
    return (
        <div className={classes.pane} tabIndex={0} role="region" aria-label="Order of connection">
            <div className={classes.head}>
                <Button size="compact-md" variant="outline" disabled={done === 0} onClick={() => onDone(done - 1)}>
                    Step back
                </Button>
                <Button size="compact-md" disabled={done === last} onClick={() => onDone(done + 1)}>
                    Next step
                </Button>
                <span className={classes.at} data-figure="order:step">
                    {done} of {last}
                </span>
                <fieldset className={classes.first}>
                    <legend>First on the posts</legend>
                    {(['charger', 'jumpers'] as const).map((first) => (
                        <label key={first}>
                            <input type="radio" name="first-on-posts" checked={bench.first === first} onChange={() => onFirst(first)} /> {first === 'charger' ? 'charger leads' : 'jumpers'}
                        </label>
                    ))}
                </fieldset>
            </div>
            <div aria-live="polite" className={classes.step}>
                {step === undefined ? (
                    <p>Nothing is landed yet.</p>
                ) : (
                    <>
                        <p className={classes.says}>
                            {step.says}
                            {step.volts !== null && step.volts > 0 && <span className={classes.volts}> {volts(step.volts, 0)} from the common negative.</span>}
                        </p>
                        {step.caution !== null && <p className={classes.caution}>{step.caution}</p>}
                    </>
                )}
            </div>
            <ol className={classes.list}>
                {bench.order.map((one, at) => (
                    <li key={`${at}`} aria-current={at === done - 1 ? 'step' : undefined} data-done={at < done || undefined}>
                        <button type="button" className="plain" onClick={() => onDone(at + 1)}>
                            {one.says}
                        </button>
                    </li>
                ))}
            </ol>
        </div>
    );
}
