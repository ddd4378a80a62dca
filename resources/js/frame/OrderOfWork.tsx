import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import classes from './OrderOfWork.module.css';
import { STAGE_LABELS, type StageName } from './stages';

/** The stages of a boat, each with how it stands. */
export function OrderOfWork({ job, stage }: { job: PlannedJob; stage: StageName }) {
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
                            </span>
                        </Link>
                    </li>
                ))}
            </ol>
        </nav>
    );
}
