import { Button, SegmentedControl, Text, Title } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';

import { useQuiet } from '../api/useQuiet';
import { useNarrow } from '../look/useNarrow';
import type { PlanEdits } from '../plan/usePlanEdits';
import { together } from '../units/together';
import { useWritten } from '../units/conventions';
import { useUnits } from '../units/units';
import classes from './BoatStrip.module.css';
import type { SheetMenuProps } from './SheetMenu';
import { StepButtons } from './StepButtons';

const SheetMenu = lazy(async () => ({ default: (await import('./SheetMenu')).SheetMenu }));

interface Props extends SheetMenuProps {
    edits: PlanEdits;
}

/** The boat, whose it is, how it stands, and whether the last change is kept. */
export function BoatStrip({ job, edits, onImport, onAsk, onWhy, onHand, onFind }: Props) {
    const { system, choose } = useUnits();
    const { promised } = useWritten();
    const isNarrow = useNarrow();
    const kept = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' }).format(new Date(job.version.made_at));
    return (
        <header className={classes.strip}>
            <div className={classes.of}>
                <Title order={1} size={20} lh={1.15}>
                    {job.boat}
                </Title>
                <Text size="xs" c="var(--ink-soft)">
                    {job.customer} · {job.bay === null ? 'yard' : `bay ${job.bay}`} · {promised(job.promised_on)}
                </Text>
            </div>
            <Text fz={16} fw={600} flex="1 1 250px" style={{ textWrap: 'balance' }} className={classes.verdict} data-figure="verdict" aria-live="polite">
                {together(job.verdict)}
            </Text>
            <div className={classes.acts}>
                <span className={classes.kept} data-figure="kept" data-unkept={edits.unkept.length > 0 || edits.line === 'silent' || edits.line === 'signed-out' || undefined} role="status" title={job.version.author === null ? undefined : `by ${job.version.author}`}>
                    {standing(edits) ?? `kept ${kept} · v${job.version.number}`}
                </span>
                {!isNarrow && <StepButtons job={job} edits={edits} />}
                {!isNarrow && (
                    <SegmentedControl
                        size="xs"
                        aria-label="Units"
                        data={[
                            { value: 'imperial', label: 'ft · AWG' },
                            { value: 'metric', label: 'm · mm²' },
                        ]}
                        value={system}
                        onChange={choose}
                        transitionDuration={0}
                    />
                )}
                <SheetMenuWhenNeeded job={job} onImport={onImport} onAsk={onAsk} onWhy={onWhy} onHand={onHand} onFind={onFind} />
            </div>
        </header>
    );
}

/** What is to be said in the place of "kept"; null: everything is. */
function standing({ line, waiting, unkept }: PlanEdits): string | null {
    if (line === 'silent') {
        return `not known yet · ${waiting} to send`;
    }
    if (line === 'signed-out') {
        return `signed out · ${waiting} to send`;
    }
    return unkept.length > 0 ? 'not kept' : line === 'sending' ? 'keeping…' : null;
}

/** The menu is fetched when the page stands, or at once when it is asked for. */
function SheetMenuWhenNeeded(props: SheetMenuProps) {
    const isQuiet = useQuiet();
    const [isAsked, ask] = useState(false);
    const button = (
        <Button size="compact-md" aria-haspopup="menu" onClick={() => ask(true)}>
            Sheet and file
        </Button>
    );
    return isQuiet || isAsked ? (
        <Suspense fallback={button}>
            <SheetMenu {...props} isOpen={isAsked} />
        </Suspense>
    ) : (
        button
    );
}
