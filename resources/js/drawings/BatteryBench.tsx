import type { Bank, PlannedJob } from '../api/types';
import { bankWires, battery as batteryOf, feedsOf, postOf } from '../power/planParts';
import { gauge, volts } from '../units/units';
import classes from './BatteryBench.module.css';
import { potentialTint } from './potential';

/** Millimetres between blocks on the bench, and around them. */
const GAP = 60;
const MARGIN = 70;
/** A group 31 block, for a battery whose size nobody wrote down. */
const USUAL = [330, 173, 240] as const;
const POST = 17;
/** Between the leads that go out to feeds. */
const LEAD = 26;

/** A bank from above, to scale: blocks, posts, jumpers, and what a meter must show at each post from the common negative. */
export function BatteryBench({ job, bank }: { job: PlannedJob; bank: Bank }) {
    const string = bank.strings.flat();
    const sizes = job.evaluation.banks.find((figures) => figures.id === bank.id)?.batteries;
    const feeds = feedsOf(job.plan, bank);
    const blocks = string.map((id) => {
        const [along, across] = sizes?.find((sized) => sized.id === id)?.size_mm ?? USUAL;
        return { id, depth: along, width: across };
    });
    const depth = Math.max(...blocks.map((block) => block.depth));
    const leftOf = (index: number) => MARGIN + blocks.slice(0, index).reduce((sum, block) => sum + block.width + GAP, 0);
    const placed = blocks.map((block, index) => ({ ...block, x: leftOf(index) }));
    const left = leftOf(blocks.length);
    const width = left - GAP + MARGIN + 210;
    const height = depth + 2 * MARGIN;
    const reading = (id: string) =>
        job.evaluation.meter_points.find((point) => point.plus === `${id}+` && point.id.startsWith(`${bank.id}:`)) ?? job.evaluation.meter_points.find((point) => point.id === id);
    /** Where a post stands, and which way a wire leaves it. */
    const postAt = (post: string) => {
        const block = placed.find((candidate) => candidate.id === post.slice(0, -1));
        if (block === undefined) {
            return null;
        }
        return post.endsWith('+') ? { x: block.x + block.width - 34, y: MARGIN + 36, bend: 20 } : { x: block.x + 34, y: MARGIN + block.depth - 36, bend: -20 };
    };
    return (
        <svg viewBox={`0 0 ${width} ${height}`} className={classes.bench} role="img" aria-label={`Battery bench of bank ${bank.id}; the list of readings beside it has the same figures`}>
            <rect x="14" y="14" width={left - GAP + MARGIN - 28} height={height - 28} className={classes.tray} />
            {placed.map((block, index) => (
                <g key={block.id}>
                    <rect x={block.x} y={MARGIN} width={block.width} height={block.depth} rx="6" className={classes.block} />
                    <text x={block.x + block.width / 2} y={MARGIN + block.depth / 2 - 12} textAnchor="middle" className={classes.name}>
                        Battery {index + 1}
                    </text>
                    <text x={block.x + block.width / 2} y={MARGIN + block.depth / 2 + 14} textAnchor="middle" className={classes.kind}>
                        {batteryOf(job.plan, block.id)?.chemistry} {batteryOf(job.plan, block.id)?.capacity_ah} Ah
                    </text>
                </g>
            ))}
            {bankWires(bank).map((wire) => {
                const from = postAt(wire.from);
                const to = postAt(wire.to);
                return from === null || to === null ? null : (
                    <path
                        key={`${wire.from} ${wire.to}`}
                        d={`M${from.x} ${from.y} C${from.x + 70} ${from.y + from.bend} ${to.x - 70} ${to.y + to.bend} ${to.x} ${to.y}`}
                        className={classes.jumper}
                        stroke={wire.from.endsWith('-') && wire.to.endsWith('-') ? 'var(--charcoal)' : potentialTint(reading(wire.from.slice(0, -1))?.expect_v ?? null)}
                    />
                );
            })}
            {feeds.map((feed, index) => {
                const plus = postAt(postOf(bank, feed.from.plus ?? 'pos'));
                const minus = postAt(postOf(bank, feed.from.minus ?? 'neg'));
                const up = MARGIN + index * LEAD;
                const down = height - MARGIN + 24 - index * LEAD;
                const post = postOf(bank, feed.from.plus ?? 'pos');
                const tint = potentialTint(post.endsWith('+') ? (reading(post.slice(0, -1))?.expect_v ?? null) : null);
                return (
                    <g key={feed.id}>
                        {plus !== null && <path d={`M${plus.x} ${plus.y} C${plus.x + 60} ${plus.y - 10} ${left - 60} ${up} ${left + 20} ${up}`} className={classes.jumper} stroke={tint} />}
                        {minus !== null && <path d={`M${minus.x} ${minus.y} C${minus.x + 40} ${minus.y + 50} ${left - 120} ${down + 8} ${left + 20} ${down}`} className={classes.jumper} stroke="var(--charcoal)" />}
                        <text x={left + 26} y={up + 5} className={classes.kind}>
                            {feed.id} +
                        </text>
                        <text x={left + 26} y={down + 5} className={classes.kind}>
                            {feed.id} −
                        </text>
                    </g>
                );
            })}
            {placed.map((block) => {
                const point = reading(block.id);
                const plus = { x: block.x + block.width - 34, y: MARGIN + 36 };
                const minus = { x: block.x + 34, y: MARGIN + block.depth - 36 };
                return (
                    <g key={block.id}>
                        <circle cx={plus.x} cy={plus.y} r={POST} fill={potentialTint(point?.expect_v ?? null)} className={classes.post} />
                        <text x={plus.x} y={plus.y + 8} textAnchor="middle" className={classes.sign}>
                            +
                        </text>
                        <text x={plus.x} y={MARGIN - 14} textAnchor="middle" className={classes.reading}>
                            {volts(point?.expect_v, 2)}
                            {/* In a second string the meter is put across the block, not from the common negative. */}
                            {point?.id === block.id && block.id !== bank.strings[0]?.[0] ? '*' : ''}
                        </text>
                        <circle cx={minus.x} cy={minus.y} r={POST} className={`${classes.post} ${classes.minus}`} />
                        <text x={minus.x} y={minus.y + 8} textAnchor="middle" className={classes.minusSign}>
                            −
                        </text>
                    </g>
                );
            })}
            {bank.strings.length > 1 && (
                <text x={left + 26} y={height / 2 + 30} className={classes.kind}>
                    * across the block
                </text>
            )}
            {string.length > 1 && (
                <text x={left + 26} y={height / 2} className={classes.kind}>
                    jumpers {gauge(bank.jumper?.gauge ?? '6 AWG')}
                </text>
            )}
        </svg>
    );
}
