import { Button } from '@mantine/core';

import type { OtherPlan } from '../api/types';
import { Dialog } from '../look/Dialog';
import classes from './OtherPlanDialog.module.css';

interface Props {
    title: string;
    /** undefined: it is being looked at */
    other: OtherPlan | undefined;
    /** why it cannot be looked at */
    error: Error | null;
    /** what the button says that puts it in the place of the plan; undefined: this person may only look */
    act?: string;
    onAct: (base: number) => void;
    onClose: () => void;
}

/** Another plan beside the one that stands: what would be otherwise and what that comes to, before it takes its place. */
export function OtherPlanDialog({ title, other, error, act, onAct, onClose }: Props) {
    return (
        <Dialog opened onClose={onClose} title={title}>
            {error !== null && <p role="alert">{error.message}</p>}
            {other === undefined && error === null && <p>Looking at it…</p>}
            {other !== undefined && (
                <>
                    <p className={classes.verdict}>
                        <span className="quiet">With it:</span> {other.verdict}
                    </p>
                    {other.otherwise.length === 0 && <p>It says the same as the plan that stands.</p>}
                    {other.changes.length > 0 && (
                        <ul className={classes.changes} aria-label="What it comes to">
                            {other.changes.map((change) => (
                                <li key={change}>{change}</li>
                            ))}
                        </ul>
                    )}
                    {other.otherwise.length > 0 && (
                        <>
                            <h3 className={classes.head}>
                                {other.otherwise.length} {other.otherwise.length === 1 ? 'difference' : 'differences'} from version {other.base}, which stands
                            </h3>
                            <ol className={classes.lines} tabIndex={0} aria-label="Otherwise than in the plan that stands">
                                {other.otherwise.map((line) => (
                                    <li key={line}>{line}</li>
                                ))}
                            </ol>
                        </>
                    )}
                    <p className={classes.acts}>
                        {act !== undefined && other.otherwise.length > 0 && <Button onClick={() => onAct(other.base)}>{act}</Button>}
                        <Button variant="outline" onClick={onClose}>
                            Leave the plan as it is
                        </Button>
                    </p>
                </>
            )}
        </Dialog>
    );
}
