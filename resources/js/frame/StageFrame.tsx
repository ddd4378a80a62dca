import { Alert } from '@mantine/core';
import { useDocumentTitle, useLocalStorage } from '@mantine/hooks';
import { lazy, type ReactNode, startTransition, Suspense, useEffect, useState } from 'react';

import { partName } from '../boat/parts';
import { Inspector } from '../inspector/Inspector';
import { type Findable, useFindable, useOpenPalette } from '../palette/findable';
import { undone } from '../plan/changes';
import { JustDone } from '../plan/JustDone';
import { UnkeptNotice } from '../plan/UnkeptNotice';
import { useAreas } from './areas';
import { BoatStrip } from './BoatStrip';
import { OrderOfWork } from './OrderOfWork';
import { ReplaceByFile } from './ReplaceByFile';
import { useShortcuts } from '../keys/shortcuts';
import { Split } from './Split';
import type { StageProps } from './Stage';
import classes from './Stage.module.css';
import { MAIN, SkipLink } from '../look/SkipLink';
import { useNarrow } from '../look/useNarrow';
import { useToStage } from './useToStage';

/** Of a phone only. */
const Below = lazy(async () => ({ default: (await import('./Below')).Below }));
const InHandBelow = lazy(async () => ({ default: (await import('./InHand')).InHandBelow }));

interface Props extends StageProps {
    stage: string;
    onAsk: (what: 'keys' | 'log') => void;
    onWhy: () => void;
    /** the reason of a figure, in the place of the part in hand; null: none is asked */
    why: ReactNode;
    onCloseWhy: () => void;
    /** the part in hand, as "battery:b1", or "plan" */
    on: string;
    onSelect: (on: string) => void;
    /** what was computed of the part in hand, and what the rules say */
    about?: ReactNode;
    drawing: ReactNode;
    lower: ReactNode;
    /** the pane below the drawing, as people call it */
    paneName: string;
    /** what the palette finds of it, beside the stages, steps and parts of the boat */
    things: Findable[];
    /** dialogs */
    asked: ReactNode;
}

/** whether a stage has stood in this page: the next is drawn at once, with everything */
let hasStood = false;

/** The first drawing of all comes first: on a slow processor what stands around it would keep it back by half a second. */
function useDrawingFirst(): boolean {
    const [isWhole, setWhole] = useState(hasStood);
    useEffect(() => {
        const timer = setTimeout(() => {
            hasStood = true;
            startTransition(() => setWhole(true));
        });
        return () => clearTimeout(timer);
    }, []);
    return isWhole;
}

/** What every stage has around its drawing: the order of work, the boat strip, what was not kept, what is in hand. */
export function StageFrame({ job, edits, silent, stage, onAsk, onWhy, why, onCloseWhy, on, onSelect, about, drawing, lower, paneName, things, asked }: Props) {
    const [file, setFile] = useState<File | null>(null);
    const isNarrow = useNarrow();
    const [isOpen, setOpen] = useLocalStorage({ key: 'dinghy-in-hand', defaultValue: true, getInitialValueInEffect: false });
    const [isDrawn, setDrawn] = useState(false);
    const isWhole = useDrawingFirst();
    const label = job.stages.find((one) => one.stage === stage)?.label ?? stage;
    useDocumentTitle([job.boat, label, paneName, ...(on === 'plan' ? [] : [partName(job, on)]), 'Dinghy'].join(' · '));
    useShortcuts({ i: () => (isNarrow ? setDrawn(!isDrawn) : setOpen(!isOpen)) });
    const openPalette = useOpenPalette();
    const to = useToStage(job);
    const areas = useAreas();
    useFindable([
        ...things,
        ...job.stages.map((one) => ({ kind: 'stage', label: one.label, go: () => to(one.stage) })),
        ...(areas.find((area) => area.stage === stage)?.keys ?? []).map(([key, what]) => ({ kind: `key ${key}`, label: what, go: () => onAsk('keys') })),
        { kind: 'command, key l', label: 'Log of changes', go: () => onAsk('log') },
        { kind: 'command, key ?', label: 'Keys', go: () => onAsk('keys') },
        { kind: 'command, key i', label: 'Boat and plan in hand', go: () => onSelect('plan') },
        ...(job.can_change && job.version.undo !== null ? [{ kind: 'command, key z', label: `Undo: ${job.version.undo.says}`, go: () => void edits.submit(undone) }] : []),
    ]);
    const select = (next: string) => {
        setOpen(true);
        onSelect(next);
    };
    const side =
        why ??
        (isOpen && !isNarrow ? (
            !isWhole ? (
                <div />
            ) : (
            <Inspector job={job} edits={edits} on={on} onSelect={onSelect} onClose={() => setOpen(false)}>
                {about}
            </Inspector>
            )
        ) : null);
    const panes = isNarrow ? (
        <>
            {drawing}
            {isWhole && lower}
        </>
    ) : (
        <Split id={`${stage}-panes`} orientation="vertical" first={drawing} second={isWhole ? lower : <div />} size="45%" least="15%" line="Between drawing and panes" />
    );
    return (
        <div className={classes.frame}>
            <SkipLink />
            <OrderOfWork job={job} stage={stage} />
            <div className={classes.top}>
                <BoatStrip job={job} edits={edits} onImport={setFile} onAsk={onAsk} onWhy={onWhy} onFind={openPalette} onHand={() => (isNarrow ? setDrawn(true) : select('plan'))} />
                <UnkeptNotice job={job} edits={edits} />
                <JustDone job={job} edits={edits} />
                {silent && edits.line !== 'silent' && (
                    <Alert role="status" color="brick" variant="outline" m="8px 16px 0" data-silent>
                        The server does not answer; what you see may be old. It is asked again by itself.
                    </Alert>
                )}
            </div>
            <main id={MAIN} tabIndex={-1} className={classes.middle}>
                {isNarrow ? (
                    <>
                        {panes}
                        <Suspense fallback={null}>
                            <Below label="Why" opened={why !== null} onClose={onCloseWhy}>
                                {why}
                            </Below>
                            <InHandBelow job={job} edits={edits} on={on} onSelect={onSelect} about={about} opened={isDrawn} onOpened={setDrawn} />
                        </Suspense>
                    </>
                ) : (
                    <Split id="side" orientation="horizontal" first={panes} second={side} size="300px" least="240px" line="Between drawing and what is in hand" />
                )}
            </main>
            {asked}
            {file !== null && <ReplaceByFile job={job} file={file} edits={edits} onClose={() => setFile(null)} />}
        </div>
    );
}
