import { Button, Group, Text, TextInput, Title } from '@mantine/core';
import { type ReactNode, useState } from 'react';

import { Act } from '../look/Act';
import type { Finding, PatchStep, PlannedJob, Remedy } from '../api/types';
import { partName } from '../boat/parts';
import classes from './Findings.module.css';
import { Region } from '../look/Region';
import { Newer } from './Newer';
import { together } from '../units/together';
import type { PlanEdits } from './usePlanEdits';
import { type TriedRemedies, useRemedies } from './useRemedies';

const WORD = { stop: 'Stop', warn: 'Decide', note: 'Note' } as const;

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    onWhy: (figure: string) => void;
    /** the run, device or bank that a finding is about, as "feed:house" */
    onShow: (on: string) => void;
    /** a remedy that is looked at before it is applied; null: none any more */
    onLook: (patch: PatchStep[] | null) => void;
    /** what else its stage can do about a finding */
    beneath?: (finding: Finding) => ReactNode;
}

/** What the rulebook says of the plan: worst first, each with a remedy that was tried. */
export function Findings({ job, edits, stage, onWhy, onShow, onLook, beneath }: Props & { /** only what is seen and mended there; absent: everything */ stage?: string }) {
    const here = (one: { stage: string }) => stage === undefined || one.stage === stage;
    const findings = job.evaluation.findings.filter(here);
    const tried = useRemedies(job);
    const unchecked = job.evaluation.unchecked.filter(here);
    return (
        <Region label="Findings">
            {findings.length === 0 && <p>Every rule that was checked is content.</p>}
            <ul className={classes.list}>
                {findings.map((finding, at) => (
                    <Found key={`${finding.rule} ${finding.on} ${at}`} job={job} finding={finding} tried={tried} edits={edits} onWhy={onWhy} onShow={onShow} onLook={onLook} beneath={beneath} />
                ))}
            </ul>
            {stage === undefined && job.newer.length > 0 && <Newer job={job} edits={edits} onLook={onLook} />}
            {unchecked.length > 0 && (
                <>
                    <Title order={3} size={15} mt={12} mb={4}>
                        Not checked
                    </Title>
                    <ul className="bare">
                        {unchecked.map((rule) => (
                            <Missing key={`${rule.rule} ${rule.on} ${rule.needs}`} job={job} rule={rule} edits={edits} />
                        ))}
                    </ul>
                </>
            )}
        </Region>
    );
}

/** One finding, with what would mend it. */
export function Found({ job, finding, tried, edits, onWhy, onShow, onLook, beneath, brief = false }: Omit<Props, 'onShow'> & { finding: Finding; tried: TriedRemedies; /** null: it is shown already */ onShow: Props['onShow'] | null; /** without its reason where a remedy is in reach */ brief?: boolean }) {
    const remedy = tried.of(finding);
    const decision = job.decided.find((one) => one.occasion === finding.occasion);
    return (
        <li className={classes[finding.level]} data-decided={decision !== undefined || undefined}>
            <LevelSign level={finding.level} />
            <div className={classes.text}>
                <Text inherit>
                    <strong>{decision !== undefined ? 'Decided' : WORD[finding.level]}.</strong> {together(finding.says)}
                </Text>
                {(!brief || (remedy === undefined && !tried.trying)) && <Text inherit c="var(--ink-soft)">
                    Because {together(finding.because)}. {remedy === undefined && !tried.trying && <strong>{together(finding.remedy)}</strong>}
                </Text>}
                <div className={classes.acts}>
                    <span className={classes.mend}>
                        {tried.trying && <span className="quiet">Trying what would mend it…</span>}
                        {remedy !== undefined && (job.can_change ? <Mend remedy={remedy} edits={edits} onLook={onLook} /> : <strong>{together(remedy.says)}</strong>)}
                    </span>
                    {finding.level === 'warn' && <Decide job={job} finding={finding} decided={decision} edits={edits} />}
                    {onShow !== null && finding.on !== 'plan' && (
                        <Act onClick={() => onShow(finding.on)}>
                            Show it
                        </Act>
                    )}
                    <Act onClick={() => onWhy(`finding:${finding.rule}:${finding.on}`)}>
                        Why
                    </Act>
                </div>
                {beneath?.(finding)}
            </div>
        </li>
    );
}

/** An input that is missing, with its answer in reach. */
export function Missing({ job, rule, edits }: { job: PlannedJob; rule: Pick<PlannedJob['evaluation']['unchecked'][number], 'on' | 'needs' | 'asks' | 'choices'>; edits: PlanEdits }) {
    const [text, setText] = useState('');
    const where = rule.on === 'plan' ? job.boat : partName(job, rule.on);
    return (
        <Group component="li" gap="4px 8px" py={3}>
            <span>
                {where}: {together(rule.asks)}
            </span>
            {job.can_change &&
                rule.choices?.map((choice) => (
                    <Button key={String(choice)} size="compact-xs" variant="outline" aria-label={`${where}: ${rule.asks} ${answer(choice)}`} onClick={() => void edits.submit(() => ({ patch: [{ on: rule.on, set: { [rule.needs]: choice } }] }))}>
                        {answer(choice)}
                    </Button>
                ))}
            {job.can_change && rule.choices?.length === 0 && (
                <form
                    onSubmit={(event) => {
                        event.preventDefault();
                        void edits.submit(() => ({ typed: { on: rule.on, field: rule.needs, text } }));
                    }}
                >
                    <TextInput size="xs" aria-label={`${where}: ${rule.asks}`} value={text} onChange={(event) => setText(event.currentTarget.value)} />
                </form>
            )}
        </Group>
    );
}

function answer(choice: string | number | boolean): string {
    return typeof choice === 'boolean' ? (choice ? 'yes' : 'no') : String(choice);
}

/** A remedy that was tried: with the focus or the pointer on it the drawing shows what it would do; Enter makes it so. */
function Mend({ remedy, edits, onLook }: { remedy: Remedy; edits: PlanEdits; onLook: Props['onLook'] }) {
    const patch = remedy.patch;
    return (
        <Button
            size="compact-sm"
            onFocus={() => onLook(patch)}
            onBlur={() => onLook(null)}
            onPointerEnter={() => onLook(patch)}
            onPointerLeave={() => onLook(null)}
            onClick={() => {
                onLook(null);
                void edits.submit(() => ({ patch }));
            }}
        >
            {together(remedy.says.replace(/\.$/, ''))}
        </Button>
    );
}

/** A finding let stand, with its reason; it opens again by itself when its figures change. */
function Decide({ job, finding, decided, edits }: { job: PlannedJob; finding: Finding; decided: PlannedJob['decided'][number] | undefined; edits: PlanEdits }) {
    const [asking, setAsking] = useState(false);
    const [reason, setReason] = useState('');
    if (decided !== undefined) {
        return (
            <span className="quiet">
                Stays so: {decided.reason} ({decided.author ?? 'somebody'})
                {job.can_change && (
                    <Act onClick={() => void edits.submit(() => ({ reopen: decided.id }))}>
                        Open again
                    </Act>
                )}
            </span>
        );
    }
    if (!job.can_change) {
        return null;
    }
    return asking ? (
        <form
            className={classes.acts}
            onSubmit={(event) => {
                event.preventDefault();
                void edits.submit(() => ({ decide: { occasion: finding.occasion, reason } })).then((kept) => kept && setAsking(false));
            }}
        >
            <TextInput data-autofocus autoFocus size="xs" aria-label="Why it may stay so" placeholder="why it may stay so" value={reason} onChange={(event) => setReason(event.currentTarget.value)} minLength={4} required />
            <Button type="submit" size="compact-sm" variant="outline">
                Keep it so
            </Button>
        </form>
    ) : (
        <Act onClick={() => setAsking(true)}>
            Let it stand…
        </Act>
    );
}

/** Stop and decide differ by shape and word, not by colour alone. */
function LevelSign({ level }: { level: Finding['level'] }) {
    return (
        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true" className={classes.sign}>
            {level === 'stop' && <path d="M7 1h8l6 6v8l-6 6H7l-6-6V7z" fill="var(--brick)" />}
            {level === 'warn' && <path d="M11 2l10 18H1z" fill="var(--ochre)" />}
            {level === 'note' && <circle cx="11" cy="11" r="9" fill="none" stroke="var(--slate)" strokeWidth="3" />}
        </svg>
    );
}
