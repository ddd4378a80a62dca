import { type ReactNode, useState } from 'react';

import { JustDone } from '../plan/JustDone';
import { UnkeptNotice } from '../plan/UnkeptNotice';
import { BoatStrip } from './BoatStrip';
import { OrderOfWork } from './OrderOfWork';
import { ReplaceByFile } from './ReplaceByFile';
import type { StageProps } from './Stage';
import classes from './Stage.module.css';

interface Props extends StageProps {
    stage: string;
    onAsk: (what: 'find' | 'keys' | 'log') => void;
    onWhy: () => void;
    /** what stands at the right, on demand */
    why: ReactNode;
    children: ReactNode;
    /** dialogs */
    asked: ReactNode;
}

/** What every stage has around its drawing: the order of work, the boat strip, what was not kept. */
export function StageFrame({ job, edits, silent, stage, onAsk, onWhy, why, children, asked }: Props) {
    const [file, setFile] = useState<File | null>(null);
    return (
        <div className={classes.frame} data-why={why !== null || undefined}>
            <OrderOfWork job={job} stage={stage} />
            <div className={classes.top}>
                <BoatStrip job={job} edits={edits} onImport={setFile} onAsk={onAsk} onWhy={onWhy} />
                <UnkeptNotice job={job} edits={edits} />
                <JustDone job={job} edits={edits} />
                {silent && edits.line !== 'silent' && (
                    <p role="status" className={classes.refused} data-silent>
                        The server does not answer; what you see may be old. It is asked again by itself.
                    </p>
                )}
            </div>
            <main className={classes.main}>{children}</main>
            {why}
            {asked}
            {file !== null && <ReplaceByFile job={job} file={file} edits={edits} onClose={() => setFile(null)} />}
        </div>
    );
}
