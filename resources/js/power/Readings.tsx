import { useState } from 'react';

import type { MeterPoint, PlannedJob, Reading } from '../api/types';
import type { PlanEdits } from '../plan/usePlanEdits';
import { volts } from '../units/units';
import classes from './Readings.module.css';

/** What the meter must show at rest, before anything is plugged in, and what it did show. */
export function Readings({ job, edits }: { job: PlannedJob; edits: PlanEdits }) {
    return (
        <section className={classes.pane} aria-label="Expected readings">
            <h2 className={classes.title}>Readings at rest</h2>
            <p className={classes.caution}>Charger unplugged. Rings off, one terminal at a time. Nothing plugged in until every reading is right.</p>
            <div className={classes.scroll} tabIndex={0} role="region" aria-label="Meter points">
                <table className={classes.table}>
                    <thead>
                        <tr>
                            <th scope="col">between</th>
                            <th scope="col">expect</th>
                            <th scope="col">right from – to</th>
                            <th scope="col">measured</th>
                        </tr>
                    </thead>
                    <tbody>
                        {job.evaluation.meter_points.map((point) => (
                            <PointLine key={point.id} point={point} reading={job.readings.find((taken) => taken.meter_point === point.id)} edits={edits} />
                        ))}
                    </tbody>
                </table>
            </div>
        </section>
    );
}

function PointLine({ point, reading, edits }: { point: MeterPoint; reading: Reading | undefined; edits: PlanEdits }) {
    const [typed, setTyped] = useState<string | null>(null);
    const [refused, setRefused] = useState(false);
    const record = async (text: string) => {
        const kept = await edits.submit(() => ({ reading: { meter_point: point.id, volts: text } }));
        setRefused(!kept);
        if (kept) {
            setTyped(null);
        }
    };
    return (
        <tr>
            <th scope="row">
                {point.label}
                {point.note !== null && <span className={classes.note}>{point.note}</span>}
            </th>
            <td className={classes.expect} data-figure={`meter:${point.id}`}>
                {volts(point.expect_v, 2)}
            </td>
            <td>
                {point.low_v.toFixed(2)} – {point.high_v.toFixed(2)}
            </td>
            <td>
                <input
                    className={classes.field}
                    aria-label={`Measured volts, ${point.label}`}
                    inputMode="decimal"
                    size={6}
                    value={typed ?? (reading === undefined ? '' : reading.volts.toFixed(2))}
                    onChange={(event) => setTyped(event.currentTarget.value)}
                    onBlur={() => {
                        if (typed !== null && typed.trim() !== '') {
                            void record(typed);
                        }
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.currentTarget.blur();
                        }
                    }}
                />{' '}
                {refused ? <span className={classes.wrong}>not kept</span> : reading === undefined ? '' : reading.right === false ? <span className={classes.wrong}>⬣ not right</span> : <span className={classes.right}>right</span>}
            </td>
        </tr>
    );
}
