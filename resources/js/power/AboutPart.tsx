import { FindingsOn, type FindingsOnProps } from '../plan/FindingsOn';
import { WhyFigure } from '../why/WhyFigure';
import classes from './AboutPart.module.css';
import { figuresOf } from './figuresOf';
import { useUnits } from '../units/units';

/** What was computed of the part in hand, each figure with its reason, and what the rules say of it. */
export function AboutPart({ job, edits, on, onWhy, onLook }: FindingsOnProps) {
    const { system } = useUnits();
    const figures = figuresOf(job, on, system).filter((one) => one.value !== null);
    return (
        <>
            {figures.length > 0 && (
                <dl className={classes.figures}>
                    {figures.map(({ figure, label, value }) => (
                        <div key={figure}>
                            <dt>{label}</dt>
                            <dd>
                                <WhyFigure figure={figure} mark={`hand:${figure}`} onWhy={onWhy}>
                                    {value}
                                </WhyFigure>
                            </dd>
                        </div>
                    ))}
                </dl>
            )}
            <FindingsOn job={job} edits={edits} on={on} onWhy={onWhy} onLook={onLook} />
        </>
    );
}
