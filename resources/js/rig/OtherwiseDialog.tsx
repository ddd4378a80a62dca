import { Button, SegmentedControl, TextInput } from '@mantine/core';
import { useState } from 'react';

import { Dialog } from '../look/Dialog';
import type { RigStep } from '../api/types';
import { useUnits } from '../units/units';

const WORDS = { longer: 'It is longer by', shorter: 'It is shorter by', gauge: 'The wire is', fuse: 'The fuse is' } as const;
const LABELS = { longer: 'longer', shorter: 'shorter', gauge: 'wire', fuse: 'fuse' } as const;

/** What turned out otherwise than planned: it becomes a change of the plan, and what that changes is said at once. */
export function OtherwiseDialog({ step, onClose, onSay }: { step: RigStep; onClose: () => void; onSay: (what: string, value: string) => void }) {
    const { system } = useUnits();
    const [what, setWhat] = useState(step.as_built[0] ?? 'longer');
    const [value, setValue] = useState('');
    const example = what === 'fuse' ? '50 A' : what === 'gauge' ? (system === 'metric' ? '16 mm²' : '6 AWG') : system === 'metric' ? '1.2 m' : '4 ft';
    return (
        <Dialog opened onClose={onClose} title="Built otherwise">
            <SegmentedControl fullWidth aria-label="What is otherwise" data={step.as_built.map((one) => ({ value: one, label: LABELS[one] }))} value={what} onChange={(next) => setWhat(next)} transitionDuration={0} />
            <TextInput size="lg" mt={12} label={WORDS[what]} placeholder={example} maxLength={20} data-autofocus value={value} onChange={(event) => setValue(event.currentTarget.value)} />
            <p>
                {what === 'longer' || what === 'shorter' ? 'The plan takes that length in place of the way that it had: say at Layout where the wire lies. ' : 'The plan is changed to what is there. '}
                It is judged anew at once; a stop holds its circuit until it is mended.
            </p>
            <Button
                fullWidth
                mih={56}
                disabled={value.trim() === ''}
                onClick={() => {
                    onSay(what, value.trim());
                    onClose();
                }}
            >
                So it is
            </Button>
        </Dialog>
    );
}
