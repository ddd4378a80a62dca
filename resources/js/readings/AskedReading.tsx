import type { DrawnBlock, Measurement } from '../api/types';
import { together } from '../units/together';
import { PostsDrawn } from './PostsDrawn';
import classes from './ReadingSequence.module.css';

/** What is read: where red and black go, and what the meter is set to. */
export function AskedReading({ of, blocks }: { of: Measurement; blocks: DrawnBlock[] }) {
    return (
        <div className={classes.side}>
            <div className={classes.top}>
                <h2 className={classes.title}>{together(`${of.says.charAt(0).toUpperCase()}${of.says.slice(1)}`)}</h2>
                <span className={classes.range} data-figure="range">
                    {of.range}
                </span>
            </div>
            <PostsDrawn of={of} blocks={blocks} />
            <dl className={classes.probes}>
                <dt className={classes.redWord}>Red</dt>
                <dd>{together(of.red)}</dd>
                <dt>Black</dt>
                <dd>{together(of.black)}</dd>
            </dl>
        </div>
    );
}
