import { NavLink } from '@mantine/core';
import { useState } from 'react';

import { KINDS } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { words } from '../boat/parts';
import { MakePart } from '../inspector/MakePart';
import { Dialog } from '../look/Dialog';
import type { PlanEdits } from '../plan/usePlanEdits';
import { KINDS_HERE } from './panes';

/** Puts in what joins screens to what they see, figure by figure. */
export function AddHere({ opened, onClose, job, edits }: { opened: boolean; onClose: () => void; job: PlannedJob; edits: PlanEdits }) {
    const [made, setMade] = useState<string | null>(null);
    const leave = () => setMade(null);
    const close = () => {
        leave();
        onClose();
    };
    return (
        <Dialog opened={opened} onClose={close} title={made === null ? 'Add to sonar and data' : `Add a ${KINDS[made]?.word ?? made}`}>
            {made === null ? (
                <ul className="bare">
                    {KINDS_HERE.map((kind) => (
                        <li key={kind}>
                            <NavLink component="button" type="button" label={words(KINDS[kind]?.word ?? kind)} onClick={() => setMade(kind)} />
                        </li>
                    ))}
                </ul>
            ) : (
                <MakePart kind={made} job={job} edits={edits} onBack={leave} onDone={close} />
            )}
        </Dialog>
    );
}
