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

/** The formula of a figure with its inputs, on whose word it stands, and what would change it most. */
export function WhyPanel({ job, figure, figures, onFigure, onClose }: Props) {
    const { system } = useUnits();
    const why = useQuery({
        queryKey: ['why', job.id, job.version.hash, figure, system],
        queryFn: () => ask<Why>(`jobs/${job.id}/why?figure=${encodeURIComponent(figure)}&units=${system}`),
    });
    return (
        <section className={classes.panel} aria-label="Why">
            <header className={classes.head}>
                <h2 className={classes.title}>Why</h2>
                <button type="button" className={classes.close} onClick={onClose}>
                    Close
                </button>
            </header>
            <label className={classes.pick}>
                Figure
                <select value={figure} onChange={(event) => onFigure(event.currentTarget.value)}>
                    {figures.map((choice) => (
                        <option key={choice.figure} value={choice.figure}>
                            {choice.label}
                        </option>
                    ))}
                </select>
            </label>
            {why.error !== null && <p role="alert">{why.error.message}</p>}
            {why.data !== undefined && (
                <div aria-live="polite">
                    <h3 className={classes.what}>{why.data.title}</h3>
                    <p className={classes.value}>{why.data.value}</p>
                    <p className={classes.formula}>{why.data.formula}</p>
                    <dl className={classes.inputs}>
                        {why.data.inputs.map((input, index) => (
                            <div key={index}>
                                <dt>{input.name}</dt>
                                <dd>{input.value}</dd>
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
