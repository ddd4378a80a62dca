import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { useAreas } from './areas';
import classes from './OrderOfWork.module.css';

/** The stages of a boat, each with how it stands. */
export function OrderOfWork({ job, stage }: { job: PlannedJob; stage: string }) {
    const areas = useAreas();
    return (
        <nav className={classes.rail} aria-label="Order of work">
            <Link to="/" className={classes.home}>
                Dinghy
                <span className={classes.shed}>to the shed</span>
            </Link>
            <ol className={classes.stages}>
                {job.stages.map(({ stage: path, label, says }) => {
                    const Waiting = areas.find((area) => area.stage === path)?.Waiting;
                    return (
                    <li key={path}>
                        <Link to={`/jobs/${job.id}/${path}`} className={classes.stage} aria-current={path === stage ? 'page' : undefined}>
                            <span className={classes.mark} aria-hidden="true" />
                            <span>
                                {label}
                                <span className={classes.state}>{says}</span>
                                {Waiting !== undefined && (
                                    <span className={classes.state}>
                                        <Waiting job={job} />
                                    </span>
                                )}
                            </span>
                        </Link>
                    </li>
                    );
                })}
            </ol>
        </nav>
    );
}
