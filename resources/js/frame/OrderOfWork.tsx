import { Link } from 'react-router-dom';

import classes from './OrderOfWork.module.css';

/** Stages in the order a rigger works in. Only those that exist are shown. */
const STAGES = [{ name: 'Power', path: 'power' }] as const;

export function OrderOfWork({ job, state }: { job: string; state: string }) {
    return (
        <nav className={classes.rail} aria-label="Order of work">
            <Link to="/" className={classes.home}>
                Dinghy
                <span className={classes.shed}>to the shed</span>
            </Link>
            <ol className={classes.stages}>
                {STAGES.map((stage) => (
                    <li key={stage.path}>
                        <Link to={`/jobs/${job}/${stage.path}`} className={classes.stage} aria-current="page">
                            <span className={classes.mark} aria-hidden="true" />
                            <span>
                                {stage.name}
                                <span className={classes.state}>{state}</span>
                            </span>
                        </Link>
                    </li>
                ))}
            </ol>
        </nav>
    );
}
