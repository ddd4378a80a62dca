import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { usePhotographQueue } from '../survey/PhotographQueue';
import classes from './OrderOfWork.module.css';
import { STAGE_LABELS, type StageName } from './stages';

/** The stages of a boat, each with how it stands. */
export function OrderOfWork({ job, stage }: { job: PlannedJob; stage: StageName }) {
    const left = usePhotographQueue(job.id).going.filter((one) => one.refused === null).length;
    return (
        <nav className={classes.rail} aria-label="Order of work">
            <Link to="/" className={classes.home}>
                Dinghy
                <span className={classes.shed}>to the shed</span>
            </Link>
            <ol className={classes.stages}>
                {job.stages.map(({ stage: path, says }) => (
                    <li key={path}>
                        <Link to={`/jobs/${job.id}/${path}`} className={classes.stage} aria-current={path === stage ? 'page' : undefined}>
                            <span className={classes.mark} aria-hidden="true" />
                            <span>
                                {STAGE_LABELS[path]}
                                <span className={classes.state}>{says}</span>
                                {path === 'survey' && left > 0 && (
                                    <span className={classes.state} data-figure="going-up">
                                        {left} going up
                                    </span>
                                )}
                            </span>
                        </Link>
                    </li>
                ))}
            </ol>
        </nav>
    );
}
