import { Box, Button, Group, Text, Title } from '@mantine/core';
import { lazy, type ReactNode, Suspense } from 'react';

import { formOf, KINDS } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partAt, partName, words } from '../boat/parts';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useUnits } from '../units/units';
import { heldInPlan } from './holder';
import classes from './Inspector.module.css';

/** The controls of every kind of field: a script that no drawing waits for. */
export const formFields = async () => ({ default: (await import('./FormFields')).FormFields });
const FormFields = lazy(formFields);

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    /** the part in hand, as "battery:b1", or "plan" */
    on: string;
    onSelect: (on: string) => void;
    onClose: () => void;
    /** what was computed of it, and what the rules say */
    children?: ReactNode;
}

/** Everything of the part in hand that a person can fill in, beside the drawing that it is taken in hand in. */
export function Inspector({ job, edits, on, onSelect, onClose, children }: Props) {
    const kind = on.split(':')[0] ?? 'plan';
    const { system } = useUnits();
    // An address can name anything.
    const part = kind === 'plan' || KINDS[kind] !== undefined ? partAt(job.plan, on) : undefined;
    return (
        <section className={classes.panel} aria-label="In hand">
            <Group component="header" justify="space-between" align="start" wrap="nowrap" gap={8} px={14} pt={8} pb={6} style={{ borderBottom: '1px solid var(--hair)' }}>
                <div>
                    <Text size="xs" c="var(--ink-soft)">
                        {kind === 'plan' ? 'Boat and plan' : words(KINDS[kind]?.word ?? kind)}
                    </Text>
                    <Title order={2} size={18} lh={1.2} style={{ overflowWrap: 'anywhere' }}>
                        {partName(job, on)}
                    </Title>
                </div>
                <Group gap={6} mt={2} wrap="nowrap">
                    {on !== 'plan' && (
                        <Button size="compact-sm" variant="outline" onClick={() => onSelect('plan')}>
                            Boat
                        </Button>
                    )}
                    <Button size="compact-sm" variant="outline" onClick={onClose}>
                        Close
                    </Button>
                </Group>
            </Group>
            <div className={classes.body} tabIndex={0} role="region" aria-label={`Fields of ${partName(job, on)}`}>
                {part === undefined ? (
                    <p>It is not in the plan any more.</p>
                ) : (
                    <>
                        {children}
                        <div key={on}>
                            <Suspense fallback={null}>
                                <FormFields fields={formOf(kind)} holder={heldInPlan(job, edits, on, system)} onSelect={onSelect} />
                            </Suspense>
                        </div>
                        {KINDS[kind]?.alone === true && job.can_change && (
                            <Box mt={18} pt={10} style={{ borderTop: '1px solid var(--hair)' }}>
                                <Button size="compact-sm" color="brick" variant="outline" onClick={() => void edits.submit(() => ({ takeOut: on })).then((kept) => kept && onSelect('plan'))}>
                                    Take out {partName(job, on)}
                                </Button>
                            </Box>
                        )}
                    </>
                )}
            </div>
        </section>
    );
}
