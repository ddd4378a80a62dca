import { TextInput } from '@mantine/core';
import { useState } from 'react';

import { Dialog } from '../look/Dialog';
import classes from './Find.module.css';

export interface Findable {
    label: string;
    kind: string;
    go: () => void;
}

const SHOWN = 8;

/** Finds anything of the boat by its name. */
export function Find({ opened, onClose, things }: { opened: boolean; onClose: () => void; things: Findable[] }) {
    const [sought, setSought] = useState('');
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
    const found = things.filter((thing) => words.every((word) => `${thing.kind} ${thing.label}`.toLowerCase().includes(word))).slice(0, SHOWN);
    const go = (thing: Findable | undefined) => {
        if (thing !== undefined) {
            setSought('');
            onClose();
            thing.go();
        }
    };
    return (
        <Dialog opened={opened} onClose={onClose} title="Find">
            <TextInput
                data-autofocus
                label="Run, device, finding or command"
                value={sought}
                onChange={(event) => setSought(event.currentTarget.value)}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        go(found[0]);
                    }
                }}
            />
            <ul className={classes.found}>
                {found.map((thing) => (
                    <li key={`${thing.kind} ${thing.label}`}>
                        <button type="button" onClick={() => go(thing)}>
                            <span className="quiet">{thing.kind}</span> {thing.label}
                        </button>
                    </li>
                ))}
                {found.length === 0 && <li>Nothing of that name is on this boat.</li>}
            </ul>
        </Dialog>
    );
}
