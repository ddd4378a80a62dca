import type { DrawnBlock, Measurement } from '../api/types';
import { expected } from './figures';
import classes from './ReadingSequence.module.css';

/** mm around the blocks, above them more: that is where the probes come from */
const AROUND = 30;
const ABOVE = 130;
/** mm, radius of a post as it is drawn: larger than it is, to be found by eye */
const POST = 26;

/** px that the drawing may be high on a phone */
const HEIGHT = 190;
/** px that a probe leans out, so that it lies over no other post of its block */
const LEANS = 64;

interface Spot {
    x: number;
    y: number;
}

/** Where a node lies among the blocks; null: it is no post of theirs. */
function spotOf(blocks: DrawnBlock[], node: string | null): Spot | null {
    const block = blocks.find((one) => node === `${one.battery}+` || node === `${one.battery}-`);
    return block === undefined ? null : node?.endsWith('+') === true ? block.plus : block.minus;
}

/** The posts as they lie, with red and black on them; what is no post stands beside, by name. */
export function PostsDrawn({ of, blocks }: { of: Measurement; blocks: DrawnBlock[] }) {
    const touched = blocks.filter((one) => [of.red_node, of.black_node].some((node) => node === `${one.battery}+` || node === `${one.battery}-`));
    const bank = blocks.filter((one) => touched.some((other) => other.bank === one.bank));
    const isOnPosts = bank.length > 0;
    const [left, right] = isOnPosts ? [Math.min(...bank.map((one) => one.x_mm)), Math.max(...bank.map((one) => one.x_mm + one.width_mm))] : [0, 420];
    const [top, bottom] = isOnPosts ? [Math.min(...bank.map((one) => one.y_mm)), Math.max(...bank.map((one) => one.y_mm + one.depth_mm))] : [0, 70];
    const frame = { x: left - AROUND, y: top - ABOVE, width: right - left + 2 * AROUND, height: bottom - top + ABOVE + AROUND };
    // What is no post lies where the probe comes from.
    const pins = { red: { x: left + (right - left) / 4, y: isOnPosts ? top - 40 : 30 }, black: { x: right - (right - left) / 4, y: isOnPosts ? top - 40 : 30 } };
    const scale = Math.max(frame.width / 358, frame.height / HEIGHT);
    const probe = (which: 'red' | 'black') => {
        const node = which === 'red' ? of.red_node : of.black_node;
        const spot = spotOf(bank, node) ?? pins[which];
        const other = spotOf(bank, which === 'red' ? of.black_node : of.red_node) ?? pins[which === 'red' ? 'black' : 'red'];
        const leans = (spot.x === other.x ? which === 'red' : spot.x < other.x) ? -LEANS : LEANS;
        const handle = { x: Math.max(frame.x + 52 * scale, Math.min(frame.x + frame.width - 52 * scale, spot.x + leans * scale)), y: frame.y + 26 * scale };
        return (
            <g key={which} data-probe={which} data-on={node ?? ''}>
                <path d={`M ${handle.x} ${handle.y} L ${spot.x} ${spot.y}`} className={which === 'red' ? classes.red : classes.black} strokeWidth={7 * scale} />
                <circle cx={spot.x} cy={spot.y} r={6 * scale} className={which === 'red' ? classes.redTip : classes.blackTip} />
                <text x={handle.x} y={handle.y - 8 * scale} textAnchor="middle" fontSize={16 * scale} className={classes.word}>
                    {which}
                    {of.unit === 'V' && of.expect !== null && ` ${which === 'red' ? expected(of) : '0 V'}`}
                </text>
            </g>
        );
    };
    return (
        <svg viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`} className={classes.posts} role="img" aria-label={`Red on ${of.red}, black on ${of.black}`}>
            {bank.map((block) => (
                <g key={block.battery}>
                    <rect x={block.x_mm} y={block.y_mm} width={block.width_mm} height={block.depth_mm} rx="6" className={classes.block} strokeWidth={1.5 * scale} />
                    <text x={block.x_mm + block.width_mm / 2} y={block.y_mm + block.depth_mm / 2} textAnchor="middle" dominantBaseline="central" fontSize={26 * scale} className={classes.word}>
                        {block.number}
                    </text>
                    {([['+', block.plus], ['−', block.minus]] as const).map(([sign, at]) => (
                        <g key={sign}>
                            <circle cx={at.x} cy={at.y} r={Math.max(POST, 11 * scale)} className={classes.post} strokeWidth={1.5 * scale} />
                            <text x={at.x} y={at.y} textAnchor="middle" dominantBaseline="central" fontSize={18 * scale} className={classes.word}>
                                {sign}
                            </text>
                        </g>
                    ))}
                </g>
            ))}
            {(['red', 'black'] as const).map((which) => {
                const node = which === 'red' ? of.red_node : of.black_node;
                return spotOf(bank, node) !== null ? null : (
                    <g key={which}>
                        <rect x={pins[which].x - 26 * scale} y={pins[which].y - 12 * scale} width={52 * scale} height={24 * scale} rx={12 * scale} className={classes.post} strokeWidth={1.5 * scale} />
                        {!isOnPosts && (
                            <text x={pins[which].x} y={pins[which].y + 32 * scale} textAnchor="middle" fontSize={18 * scale} className={classes.word}>
                                {node === null ? 'hull' : node.endsWith('-') ? '−' : '+'}
                            </text>
                        )}
                    </g>
                );
            })}
            {probe('black')}
            {probe('red')}
        </svg>
    );
}
