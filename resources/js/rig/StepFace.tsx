import type { Measurement, RigStep } from '../api/types';
import { expected } from '../readings/figures';
import { together } from '../units/together';
import classes from './StepFace.module.css';
import { type Standing } from './standing';

interface Props {
    step: RigStep;
    standing: Standing;
    /** what holds it: stops of the plan, a question to the owner */
    held: string[];
    /** what it takes and the shelf does not have */
    missing: string[];
    /** what is read before it is done */
    measures: Measurement[];
}

/** px of the figure that matters, by how many letters it has: one line of a phone where it can be */
function sizeOf(value: string): number {
    return value.length <= 6 ? 76 : value.length <= 10 ? 56 : value.length <= 18 ? 36 : 26;
}

/** A step as it is read at arm's length: what to do, the label as it is printed, the one figure that matters, what would hurt. */
export function StepFace({ step, standing, held, missing, measures }: Props) {
    const mustShow = measures.map((of) => ({ label: `${of.says}: must show`, value: expected(of) }));
    const [main, ...others] = [...(standing === 'done' ? [] : mustShow), ...step.figures.filter((figure) => figure.label !== 'label')];
    return (
        <>
            <h2 className={classes.says} data-figure="step">
                {together(step.says)}
            </h2>
            {step.wire !== null && step.kind !== 'label' && (
                <span className={classes.label} aria-label={`Label: ${step.wire.label}`}>
                    {together(step.wire.label)}
                </span>
            )}
            {step.kind === 'label' && step.wire !== null && (
                <dl className={classes.main} style={{ margin: 0 }}>
                    <dt>print twice</dt>
                    <dd style={{ fontSize: `${28 / 16}rem` }}>{together(step.wire.label)}</dd>
                </dl>
            )}
            {main !== undefined && step.kind !== 'label' && (
                <dl className={classes.main} style={{ marginBlock: 0 }}>
                    <dt>{main.label}</dt>
                    <dd style={{ fontSize: `${sizeOf(main.value) / 16}rem` }} data-figure="main">
                        {together(main.value)}
                    </dd>
                </dl>
            )}
            {others.length > 0 && (
                <dl className={classes.others}>
                    {others.map((figure) => (
                        <div key={figure.label}>
                            <dt>{figure.label}</dt>
                            <dd>{together(figure.value)}</dd>
                        </div>
                    ))}
                </dl>
            )}
            {missing.length > 0 && standing !== 'done' && (
                <p style={{ margin: 0, fontSize: '1rem' }} data-missing>
                    Not on the shelf: {together(missing.join('; '))}.
                </p>
            )}
            {held.map((says) => (
                <div key={says} className={classes.hold} role="note" data-held>
                    <strong>Held</strong>
                    {together(says)}
                </div>
            ))}
            {standing !== 'done' &&
                step.holds.map((hold) => (
                    <div key={hold.rule} className={classes.hold} role="note" data-hold={hold.rule}>
                        <strong>Hold: {together(hold.states)}</strong>
                        {together(`${hold.because.charAt(0).toUpperCase()}${hold.because.slice(1)}.`)}
                    </div>
                ))}
            {step.caution !== null && (
                <div className={classes.caution} role="note">
                    <span aria-hidden="true">⚠</span>
                    <span>{together(step.caution)}</span>
                </div>
            )}
        </>
    );
}
