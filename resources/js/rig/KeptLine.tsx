import { together } from '../units/together';
import { Act } from '../look/Act';
import type { Rig } from '../api/types';
import classes from './StepScreen.module.css';
import type { WorkAtHand } from './useWork';

/** Whether what was done is kept, and what was not taken, each with its reason: nothing goes unsaid. */
export function KeptLine({ at, rig }: { at: WorkAtHand; rig: Rig }) {
    const { line, waiting, untaken, told, kept, letGo, submit } = at;
    const says =
        line === 'signed-out'
            ? `Signed out: ${waiting.length} wait here until you sign in.`
            : line === 'silent'
              ? `The server does not answer: ${waiting.length} kept on this phone, sent again by itself.`
              : waiting.length > 0
                ? `Keeping ${waiting.length}…`
                : (told ?? (kept === null ? '' : `Kept ${new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' }).format(kept)}`));
    return (
        <>
            <div className={classes.line} role="status" data-figure="work-kept" data-bad={line === 'silent' || line === 'signed-out' || undefined}>
                {together(says)}
            </div>
            {untaken.map(({ entry, says: why }) => (
                <div key={entry.id} className={classes.line} data-bad role="alert" data-untaken={entry.step}>
                    Not taken: “{rig.steps.find((step) => step.id === entry.step)?.says ?? entry.step}”. {why}
                    <br />
                    {entry.act === 'undo' && (
                        <Act
                            onClick={() => {
                                letGo(entry.id);
                                submit({ step: entry.step, act: 'undo', by: entry.by, following: true });
                            }}
                        >
                            Take back all of them
                        </Act>
                    )}{' '}
                    <Act
                        onClick={() => {
                            letGo(entry.id);
                            submit(entry);
                        }}
                    >
                        Send it again
                    </Act>{' '}
                    {entry.act === 'done' && (
                        <Act
                            onClick={() => {
                                letGo(entry.id);
                                submit({ step: entry.step, act: 'note', by: entry.by, at: entry.at, words: `Done, and not taken: ${why}`.slice(0, 1000) });
                            }}
                        >
                            Keep it as a note
                        </Act>
                    )}{' '}
                    <Act onClick={() => letGo(entry.id)}>Let it go</Act>
                </div>
            ))}
        </>
    );
}
