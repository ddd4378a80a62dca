import { Button } from '@mantine/core';

import classes from './ReadingSequence.module.css';

/** What is asked before the first reading of a day. */
export function VoltsJack({ onYes }: { onYes: () => void }) {
    return (
        <div className={classes.jack} role="group" aria-label="Before the first reading">
            <h2 className={classes.title}>Where does red sit in the meter?</h2>
            <p>In the amps jack a meter is a short across whatever it touches. Look now: red in V, black in COM, leads whole, tips clean.</p>
            <Button className={classes.wide} data-jack onClick={onYes}>
                Red is in the volts jack
            </Button>
        </div>
    );
}
