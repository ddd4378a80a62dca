import { Button, Menu } from '@mantine/core';
import { useRef } from 'react';
import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { redone, undone } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';
import { together } from '../units/together';
import { useWritten } from '../units/conventions';
import { useUnits } from '../units/units';
import classes from './BoatStrip.module.css';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    onImport: (file: File) => void;
    onAsk: (what: 'keys' | 'log') => void;
    onWhy: () => void;
    /** the boat herself is taken in hand */
    onHand: () => void;
    onFind: () => void;
}

/** The boat, whose it is, how it stands, and whether the last change is kept. */
export function BoatStrip({ job, edits, onImport, onAsk, onWhy, onHand, onFind }: Props) {
    const { system, choose } = useUnits();
    const { promised } = useWritten();
    const file = useRef<HTMLInputElement>(null);
    const kept = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' }).format(new Date(job.version.made_at));
    return (
        <header className={classes.strip}>
            <div className={classes.boat}>
                <h1 className={classes.name}>{job.boat}</h1>
                <p className={classes.line}>
                    {job.customer} · {job.bay === null ? 'yard' : `bay ${job.bay}`} · {promised(job.promised_on)}
                </p>
            </div>
            <p className={classes.verdict} data-figure="verdict" aria-live="polite">
                {together(job.verdict)}
            </p>
            <div className={classes.acts}>
                <span className={classes.kept} data-figure="kept" data-unkept={edits.unkept.length > 0 || edits.line === 'silent' || edits.line === 'signed-out' || undefined} role="status" title={job.version.author === null ? undefined : `by ${job.version.author}`}>
                    {standing(edits) ?? `kept ${kept} · v${job.version.number}`}
                </span>
                {job.can_change && (
                    <>
                        <StepButton word="Undo" says={job.version.undo?.says} onStep={() => void edits.submit(undone)} />
                        <StepButton word="Redo" says={job.version.redo?.says} onStep={() => void edits.submit(redone)} />
                    </>
                )}
                <Button size="compact-md" variant="outline" onClick={() => choose(system === 'imperial' ? 'metric' : 'imperial')} aria-label={`${system === 'imperial' ? 'ft / AWG' : 'm / mm²'}: change the units`}>
                    {system === 'imperial' ? 'ft / AWG' : 'm / mm²'}
                </Button>
                <Menu position="bottom-end" transitionProps={{ duration: 0 }}>
                    <Menu.Target>
                        <Button size="compact-md">Sheet and file</Button>
                    </Menu.Target>
                    <Menu.Dropdown>
                        <Menu.Item component="a" href={`/api/jobs/${job.id}/work-sheet?units=${system}`}>
                            Work sheet (PDF)
                        </Menu.Item>
                        <Menu.Item component="a" href={`/api/jobs/${job.id}/plan`}>
                            Export the plan file
                        </Menu.Item>
                        {job.can_change && <Menu.Item onClick={() => file.current?.click()}>Replace the plan by a file…</Menu.Item>}
                        {job.can_change && (
                            <Menu.Item component={Link} to={`/?like=${job.id}`}>
                                Another boat like her…
                            </Menu.Item>
                        )}
                        <Menu.Divider />
                        <Menu.Item onClick={onHand}>Boat and plan in hand</Menu.Item>
                        <Menu.Item onClick={onWhy}>Why (w)</Menu.Item>
                        <Menu.Item onClick={() => onAsk('log')}>Log of changes (l)</Menu.Item>
                        <Menu.Item onClick={onFind}>Find (/)</Menu.Item>
                        <Menu.Item onClick={() => onAsk('keys')}>Keys (?)</Menu.Item>
                    </Menu.Dropdown>
                </Menu>
                <input
                    ref={file}
                    type="file"
                    accept="application/json,.json"
                    hidden
                    aria-label="Plan file"
                    onChange={(event) => {
                        const chosen = event.currentTarget.files?.[0];
                        if (chosen !== undefined) {
                            onImport(chosen);
                        }
                        event.currentTarget.value = '';
                    }}
                />
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

/** "feed house: gauge 8 AWG → 6 AWG" as "8 → 6 AWG"; what is more than one field as it is. */
function inShort(says: string): string {
    const [, from, to] = /^[^;]*?: .*?(\S+(?: \S+)?) → (\S+(?: \S+)?)$/.exec(says) ?? [];
    if (from === undefined || to === undefined) {
        return says;
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
