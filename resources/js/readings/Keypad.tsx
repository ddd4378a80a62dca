import { Button } from '@mantine/core';

import type { Measurement } from '../api/types';
import classes from './ReadingSequence.module.css';
import { UNITS } from './typedReading';

interface Props {
    unit: Measurement['unit'];
    /** that is chosen, as the meter writes it */
    chosen: string;
    onUnit: (unit: string) => void;
    onKey: (key: string) => void;
    onBack: () => void;
    /** what was typed is a reading */
    canTake: boolean;
    isBusy: boolean;
    onTake: () => void;
}

/** Keys for what a meter shows, as large as a thumb in a glove wants them. */
export function Keypad({ unit, chosen, onUnit, onKey, onBack, canTake, isBusy, onTake }: Props) {
    const key = (name: string, said?: string) => (
        <Button key={name} variant="default" aria-label={said} onClick={() => onKey(name)}>
            {name}
        </Button>
    );
    return (
        <div className={classes.keys} role="group" aria-label="Keypad">
            {['1', '2', '3'].map((name) => key(name))}
            <Button variant="default" aria-label="Take back the last" onClick={onBack}>
                ⌫
            </Button>
            {['4', '5', '6'].map((name) => key(name))}
            {key('−', '− minus')}
            {['7', '8', '9'].map((name) => key(name))}
            {key('OL', 'OL: more than it shows')}
            {key('.')}
            {key('0')}
            <div className={classes.units}>
                {UNITS[unit].map(([name]) => (
                    <Button key={name} variant={name === chosen ? 'filled' : 'default'} aria-pressed={name === chosen} onClick={() => onUnit(name)}>
                        {name}
                    </Button>
                ))}
            </div>
            <Button className={classes.take} data-take disabled={!canTake} loading={isBusy} onClick={onTake}>
                Take it
            </Button>
        </div>
    );
}
