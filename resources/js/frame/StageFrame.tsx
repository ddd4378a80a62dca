import { useMutation } from '@tanstack/react-query';
import type { ReactNode } from 'react';

import { ask } from '../api/client';
import type { Job } from '../api/types';
import { UnkeptNotice } from '../plan/UnkeptNotice';
import { useUnits } from '../units/units';
import { BoatStrip } from './BoatStrip';
import { OrderOfWork } from './OrderOfWork';
import type { StageProps } from './Stage';
import classes from './Stage.module.css';
import type { StageName } from './stages';

interface Props extends StageProps {
    stage: StageName;
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
    const { system } = useUnits();
    const replace = useMutation({
        mutationFn: async (file: File) => ask<Job>(`jobs/${job.id}/plan?units=${system}`, { method: 'PUT', raw: await file.text() }),
        networkMode: 'always',
        onSuccess: edits.accept,
    });
    return (
        <div className={classes.frame} data-why={why !== null || undefined}>
            <OrderOfWork job={job} stage={stage} />
            <div className={classes.top}>
                <BoatStrip job={job} edits={edits} onImport={(file) => replace.mutate(file)} onAsk={onAsk} onWhy={onWhy} />
                <UnkeptNotice job={job} edits={edits} />
                {replace.error !== null && (
                    <p role="alert" className={classes.refused}>
                        {replace.error.message}
                    </p>
                )}
                {silent && (
                    <p role="status" className={classes.refused}>
                        The server does not answer; what you see may be old. It is asked again by itself.
                    </p>
                )}
            </div>
            <main className={classes.main}>{children}</main>
            {why}
            {asked}
        </div>
    );
}
