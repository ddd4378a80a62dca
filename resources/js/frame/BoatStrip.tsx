import { Button, Group, SegmentedControl, Text, Title } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';

import { useQuiet } from '../api/useQuiet';
import { redone, undone } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';
import { together } from '../units/together';
import { useWritten } from '../units/conventions';
import { useUnits } from '../units/units';
import classes from './BoatStrip.module.css';
import type { SheetMenuProps } from './SheetMenu';

const SheetMenu = lazy(async () => ({ default: (await import('./SheetMenu')).SheetMenu }));

interface Props extends SheetMenuProps {
    edits: PlanEdits;
}

/** The boat, whose it is, how it stands, and whether the last change is kept. */
export function BoatStrip({ job, edits, onImport, onAsk, onWhy, onHand, onFind }: Props) {
    const { system, choose } = useUnits();
    const { promised } = useWritten();
    const kept = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' }).format(new Date(job.version.made_at));
    return (
        <Group component="header" gap="6px 28px" px={16} py={8} style={{ borderBottom: '1.5px solid var(--ink)' }}>
            <div>
                <Title order={1} size={20} lh={1.15}>
                    {job.boat}
                </Title>
                <Text size="xs" c="var(--ink-soft)">
                    {job.customer} · {job.bay === null ? 'yard' : `bay ${job.bay}`} · {promised(job.promised_on)}
                </Text>
            </div>
            <Text fz={16} fw={600} flex="1 1 250px" style={{ textWrap: 'balance' }} data-figure="verdict" aria-live="polite">
                {together(job.verdict)}
            </Text>
            <Group gap={8}>
                <span className={classes.kept} data-figure="kept" data-unkept={edits.unkept.length > 0 || edits.line === 'silent' || edits.line === 'signed-out' || undefined} role="status" title={job.version.author === null ? undefined : `by ${job.version.author}`}>
                    {standing(edits) ?? `kept ${kept} · v${job.version.number}`}
                </span>
                {job.can_change && (
                    <>
                        <StepButton word="Undo" says={job.version.undo?.says} onStep={() => void edits.submit(undone)} />
                        <StepButton word="Redo" says={job.version.redo?.says} onStep={() => void edits.submit(redone)} />
                    </>
                )}
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
                <SheetMenuWhenNeeded job={job} onImport={onImport} onAsk={onAsk} onWhy={onWhy} onHand={onHand} onFind={onFind} />
            </Group>
        </Group>
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
