import { Button, Group, NativeSelect, Text, Title } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';

import { ask } from '../api/client';
import type { PlannedJob, Why } from '../api/types';
import { useUnits } from '../units/units';
import classes from './WhyPanel.module.css';

interface Props {
    job: PlannedJob;
    /** as the core names it: "run:bow-motor:drop_pct" */
    figure: string;
    figures: { figure: string; label: string }[];
    onFigure: (figure: string) => void;
    onClose: () => void;
}

/** letters that a figure and its unit have at most; what is longer is a sentence with figures in it */
const LONGEST = 22;

/** The formula of a figure with its inputs, on whose word it stands, and what would change it most. */
export function WhyPanel({ job, figure, figures, onFigure, onClose }: Props) {
    const { system } = useUnits();
    const why = useQuery({
        queryKey: ['why', job.id, job.version.hash, figure, system],
        queryFn: () => ask<Why>(`jobs/${job.id}/why?figure=${encodeURIComponent(figure)}&units=${system}`),
    });
    return (
        <section className={classes.panel} aria-label="Why">
            <Group component="header" justify="space-between">
                <Title order={2} size={18}>
                    Why
                </Title>
                <Button size="compact-sm" variant="outline" onClick={onClose}>
                    Close
                </Button>
            </Group>
            <NativeSelect size="xs" my={10} label="Figure" value={figure} data={figures.map((choice) => ({ value: choice.figure, label: choice.label }))} onChange={(event) => onFigure(event.currentTarget.value)} />
            {why.error !== null && <p role="alert">{why.error.message}</p>}
            {why.data !== undefined && (
                <div aria-live="polite">
                    <Title order={3} size={15}>
                        {why.data.title}
                    </Title>
                    <Text fz={22} mb={8} className={/\d/.test(why.data.value) && why.data.value.length < LONGEST ? 'figure' : undefined}>
                        {why.data.value}
                    </Text>
                    <p className={classes.formula}>{why.data.formula}</p>
                    <dl className={classes.inputs}>
                        {why.data.inputs.map((input, index) => (
                            <div key={index}>
                                <dt>{input.name}</dt>
                                <dd className={/\d/.test(input.value) ? 'figure' : undefined}>{input.value}</dd>
                            </div>
                        ))}
                    </dl>
                    <p>
                        <strong>Source:</strong> {why.data.source} ({why.data.mark}).
                    </p>
                    {why.data.lever !== null && (
                        <p>
                            <strong>What would change it most:</strong> {why.data.lever}
                        </p>
                    )}
                </div>
            )}
        </section>
    );
}
