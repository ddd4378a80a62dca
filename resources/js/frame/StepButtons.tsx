import { Button } from '@mantine/core';

import type { PlannedJob } from '../api/types';
import { redone, undone } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';
import classes from './StepButtons.module.css';

/** A step back and forth in what was changed, for who may change it. */
export function StepButtons({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    return job.can_change ? (
        <>
            <StepButton word="Undo" says={job.version.undo?.says} onStep={() => void edits.submit(undone)} />
            <StepButton word="Redo" says={job.version.redo?.says} onStep={() => void edits.submit(redone)} />
        </>
    ) : null;
}

/** "feed house: gauge 8 AWG → 6 AWG" as "8 → 6 AWG"; what is more than one field, or has no value to be read, as far as it says something. */
function inShort(says: string): string {
    const [, from, to] = /^[^;]*?: .*?(\S+(?: \S+)?) → (\S+(?: \S+)?)$/.exec(says) ?? [];
    if (from === undefined || to === undefined) {
        return says;
    }
    if (from === to || /\b(changed|given)$/.test(from + to)) {
        return says.slice(0, says.indexOf(` ${from} → `));
    }
    const unit = / \S+$/.exec(to)?.[0] ?? '';
    return unit !== '' && from.endsWith(unit) ? `${from.slice(0, -unit.length)} → ${to}` : `${from} → ${to}`;
}

/** A step back or forth, with what it would do. */
function StepButton({ word, says, onStep }: { word: string; says: string | undefined; onStep: () => void }) {
    return (
        <Button size="compact-md" variant="outline" disabled={says === undefined} onClick={onStep} title={says === undefined ? undefined : `${word}: ${says}`}>
            <span>{word}</span>
            {says !== undefined && <span className={classes.says}>{inShort(says)}</span>}
        </Button>
    );
}
