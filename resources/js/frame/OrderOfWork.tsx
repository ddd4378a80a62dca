import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { useAreas } from './areas';
import classes from './OrderOfWork.module.css';
import { useStagePath } from './useToStage';

/** The stages of a boat, each with how it stands. */
export function OrderOfWork({ job, stage }: { job: PlannedJob; stage: string }) {
    const areas = useAreas();
    const path = useStagePath(job);
    return (
        <nav className={classes.rail} aria-label="Order of work">
            <Link to="/" className={classes.home}>
                Dinghy
                <span className={classes.shed}>to the shed</span>
            </Link>
            <ol className={classes.stages}>
                {job.stages.map(({ stage: one, label, says }, at) => {
                    const Waiting = areas.find((area) => area.stage === one)?.Waiting;
                    return (
                    <li key={one}>
                        <Link to={path(one)} className={classes.stage} aria-current={one === stage ? 'page' : undefined}>
                            <span className={classes.mark} aria-hidden="true" />
                            <span>
                                <span className={classes.name}>
                                    {label} <kbd className={classes.key}>{(at + 1) % 10}</kbd>
                                </span>
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
