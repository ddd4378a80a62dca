import { Text } from '@mantine/core';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { useNarrow } from '../look/useNarrow';
import { useAreas } from './areas';
import classes from './OrderOfWork.module.css';
import { useStagePath } from './useToStage';

/** The stages of a boat, each with how it stands. */
export function OrderOfWork({ job, stage }: { job: PlannedJob; stage: string }) {
    const areas = useAreas();
    const path = useStagePath(job);
    const isNarrow = useNarrow();
    const current = useRef<HTMLAnchorElement>(null);
    useEffect(() => {
        // Where the stages are a row that is scrolled, hers is in sight; the page itself stays where it is.
        const [link, row] = [current.current, current.current?.closest('ol')];
        if (link !== null && row != null) {
            row.scrollLeft = link.offsetLeft - (row.clientWidth - link.clientWidth) / 2;
        }
    }, [stage]);
    return (
        <nav className={classes.rail} aria-label="Order of work">
            <Link to="/" className={classes.home}>
                Dinghy{' '}
                {isNarrow ? (
                    <span className="unseen">to the shed</span>
                ) : (
                    <Text display="block" size="xs" ff="text" fw={400} lts={0} td="underline" span>
                        to the shed
                    </Text>
                )}
            </Link>
            <ol className={classes.stages}>
                {job.stages.map(({ stage: one, label, says }, at) => {
                    const Waiting = areas.find((area) => area.stage === one)?.Waiting;
                    return (
                    <li key={one}>
                        <Link ref={one === stage ? current : undefined} to={path(one)} className={classes.stage} aria-current={one === stage ? 'page' : undefined}>
                            <span className={classes.mark} aria-hidden="true" />
                            <span>
                                <Text span inherit style={{ whiteSpace: 'nowrap' }}>
                                    {label}{' '}
                                    <Text component="kbd" ff="inherit" size="xs" fw={400} opacity={0.75}>
                                        {(at + 1) % 10}
                                    </Text>
                                </Text>
                                <Text span display="block" size="xs" ff="text" fw={400}>
                                    {says}
                                </Text>
                                {Waiting !== undefined && (
                                    <Text span display="block" size="xs" ff="text" fw={400}>
                                        <Waiting job={job} />
                                    </Text>
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
