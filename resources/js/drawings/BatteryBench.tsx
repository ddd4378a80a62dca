import { useRef } from 'react';

import type { Bench, PlannedJob, WiredBank } from '../api/types';
import { pointAbove } from '../boat/planParts';
import type { BlockPosition } from '../boat/positions';
import { amps, volts } from '../units/units';
import lines from './lines.module.css';
import { type BenchBlock, frameOf, gripAt, isUpper, leadGrip, leadPath, postAt, postNear, wirePath } from './benchGeometry';
import { potentialTint } from './potential';
import { Loupe } from './Loupe';
import { type Place, useDrag } from './useDrag';
import { partName, postName, spokenOf, targetName } from '../boat/parts';
import { useNarrow } from '../look/useNarrow';
import { useSize } from './useSize';

/** mm, or pixels where that is more, for a mouse and for a finger */
const POST = { mm: 20, pixels: 13, finger: 20 };
const GRIP = { mm: 11, pixels: 9, finger: 16 };
/** px across, where the page is narrower: below it nobody reads what a block says */
const LEAST = 720;
/** between leads that leave over the same edge: mm, or pixels where that is more, for their names */
const LANE = { mm: 24, pixels: 20 };
/** mm that a block is moved by at a press of an arrow, and that a drag is rounded to */
const STEP = 5;

/** What is done on the bench by hand; each has its line in the list of posts as well. */
export interface BenchActs {
    /** a block moved or turned */
    place: (battery: string, change: (position: BlockPosition) => Partial<BlockPosition>) => void;
    /** a new jumper */
    join: (from: string, to: string) => void;
    /** an end of a jumper on another post; null: off */
    land: (jumper: string, end: 'from' | 'to', post: string | null) => void;
    /** an end of a feed on another post */
    lead: (feed: string, side: 'plus' | 'minus', post: string) => void;
    probe: (which: 'plus' | 'minus', post: string) => void;
}

interface Props {
    job: PlannedJob;
    wired: WiredBank;
    bench: Bench;
    /** where the probes stand */
    probes: { plus: string; minus: string };
    /** steps of the order of connection that are done; null: everything is landed */
    done: number | null;
    /** the part in hand, as "battery:b1" */
    selected: string;
    onSelect: (on: string) => void;
    /** the posts that a wire in hand lands on; undefined: the part in hand is lit alone */
    lit?: readonly string[];
    /** null: nothing can be changed */
    acts: BenchActs | null;
}

type Thing =
    | { kind: 'block'; battery: string }
    | { kind: 'wire'; from: string }
    | { kind: 'end'; jumper: string; end: 'from' | 'to'; stays: string }
    | { kind: 'lead'; feed: string; side: 'plus' | 'minus' }
    | { kind: 'probe'; which: 'plus' | 'minus' };

/** A bank from above, to scale: blocks, posts, jumpers and leads, and what a meter shows at each post from the common negative. */
export function BatteryBench({ job, wired, bench, probes, done, selected, onSelect, lit, acts }: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const size = useSize(svg, { width: 860, height: 360 });
    // mm to a pixel: words keep their size on the screen, as far as a block has room for them.
    const scaleOf = (drawn: { width: number; height: number }) => Math.max(drawn.width / size.width, drawn.height / size.height);
    const lane = Math.max(LANE.mm, LANE.pixels * scaleOf(frameOf(bench)));
    const frame = frameOf(bench, Math.max(0, wired.feeds.length - 1) * lane);
    const scale = scaleOf(frame);
    const listed = job.plan.banks?.find((one) => one.id === wired.id)?.jumpers ?? [];
    const shownSteps = done === null ? null : bench.order.slice(0, done);
    const landed = (wire: string, post: string) => shownSteps === null || shownSteps.some((step) => step.wire === wire && step.post === post);
    const now = done === null || done === 0 ? undefined : bench.order[done - 1];
    const right = frame.left + frame.width - 6;
    const narrowest = Math.min(...bench.blocks.map((block) => block.width_mm));
    const font = (pixels: number, share = 1) => Math.min(pixels * scale, narrowest * share);
    const isNarrow = useNarrow();
    const radius = ({ mm, pixels, finger }: typeof POST) => Math.min(Math.max(mm, (isNarrow ? finger : pixels) * scale), 34);
    const small = { fontSize: font(13) };
    const reading = (id: string) => pointAbove(job, wired.id, id);
    const tint = (post: string) => (post.endsWith('-') ? 'var(--charcoal)' : potentialTint(reading(post.slice(0, -1))?.expect_v ?? null));

    const { held, hold } = useDrag<Thing>(svg, ({ what, from, at }) => {
        const post = postNear(bench, at);
        switch (what.kind) {
            case 'block': {
                const by = { x: rounded(at.x - from.x), y: rounded(at.y - from.y) };
                if (by.x !== 0 || by.y !== 0) {
                    acts?.place(what.battery, (lie) => ({ x_mm: lie.x_mm + by.x, y_mm: lie.y_mm + by.y }));
                }
                break;
            }
            case 'wire':
                if (post !== null && post !== what.from) {
                    acts?.join(what.from, post);
                }
                break;
            case 'end':
                if (post !== what.stays) {
                    acts?.land(what.jumper, what.end, post);
                }
                break;
            case 'lead':
                if (post !== null) {
                    acts?.lead(what.feed, what.side, post);
                }
                break;
            case 'probe':
                if (post !== null) {
                    acts?.probe(what.which, post);
                }
                break;
        }
    });
    const dragged = (block: BenchBlock) => (held?.what.kind === 'block' && held.what.battery === block.battery ? { x: rounded(held.at.x - held.from.x), y: rounded(held.at.y - held.from.y) } : { x: 0, y: 0 });
    const leads = wired.feeds.flatMap(({ feed, plus, minus }) => [
        { feed, side: 'plus' as const, post: plus },
        { feed, side: 'minus' as const, post: minus },
    ]).map((out, index, all) => {
        const upper = isUpper(bench, out.post);
        const before = all.slice(0, index).filter((other) => isUpper(bench, other.post) === upper).length;
        return { ...out, y: upper ? frame.inside.y - 20 - before * lane : frame.inside.y + frame.inside.height + 20 + before * lane };
    });
    const lead = (feed: string, side: 'plus' | 'minus', post: string, y: number) => {
        const end = { x: right, y };
        const path = leadPath(bench, post, end);
        const grip = leadGrip(bench, post, end);
        if (path === null || !landed(feed, post)) {
            return null;
        }
        return (
            <g key={`${feed} ${side}`}>
                {selected === `feed:${feed}` && lit?.includes(post) !== false && <path d={path} data-lit-lead={`${feed}:${side}`} fill="none" style={{ stroke: 'var(--held)' }} strokeWidth="24" strokeLinecap="round" pointerEvents="none" />}
                <path d={path} fill="none" strokeWidth="10" strokeLinecap="round" pointerEvents="none" stroke={tint(post)} />
                <text x={frame.left + frame.width - 6} y={y - 5 * scale} textAnchor="end" style={small} className={lines.text}>
                    {targetName(job, feed)} {side === 'plus' ? '+' : '−'}
                </text>
                {acts !== null && grip !== null && <circle cx={grip.x} cy={grip.y} r={radius(GRIP)} className={`${lines.box} ${lines.hand} ${lines.grab}`} strokeWidth="3" fillOpacity="0.85" data-grip={`feed:${feed}:${side}`} onPointerDown={hold({ kind: 'lead', feed, side })} />}
            </g>
        );
    };
    return (
        <svg ref={svg} viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`} preserveAspectRatio="xMinYMid meet" className={lines.whole} style={isNarrow ? { minWidth: LEAST } : undefined} role="group" aria-label={`Bench of the ${spokenOf(job, `bank:${wired.id}`)}: the posts below are the same as a list`}>
            <rect {...frame.inside} className={`${lines.ground} ${bench.fits === false ? lines.stop : ''}`} strokeWidth={bench.inside_mm === null ? 2 : 4} strokeDasharray={bench.inside_mm === null ? '14 9' : undefined} data-fits={bench.fits ?? undefined} />
            {bench.neighbours.map((block) => (
                <g key={block.battery}>
                    <rect x={block.x_mm} y={block.y_mm} width={block.width_mm} height={block.depth_mm} rx="5" className={`${lines.line} ${lines.soft}`} strokeWidth="2" strokeDasharray="6 5" />
                    <text x={block.x_mm + 10} y={block.y_mm + font(16)} style={small} className={lines.text}>
                        {partName(job, `battery:${block.battery}`)}
                    </text>
                </g>
            ))}
            {bench.blocks.map((block) => {
                const by = dragged(block);
                return (
                    <g
                        key={block.battery}
                        transform={`translate(${by.x} ${by.y})`}
                        className={`${lines.part} ${acts === null ? '' : lines.grab}`}
                        data-block={block.battery}
                        role="button"
                        tabIndex={0}
                        aria-pressed={selected === `battery:${block.battery}`}
                        aria-label={`Battery ${block.number}${acts === null ? '' : ': arrows move it, r turns it'}`}
                        onClick={() => onSelect(`battery:${block.battery}`)}
                        {...(acts === null
                            ? {}
                            : {
                                  onPointerDown: hold({ kind: 'block', battery: block.battery }),
                                  onKeyDown: (event: React.KeyboardEvent) => {
                                      const by = ({ ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] } as Record<string, [number, number]>)[event.key];
                                      if (event.key === 'Enter' || event.key === ' ') {
                                          event.preventDefault();
                                          onSelect(`battery:${block.battery}`);
                                      } else if (by !== undefined || event.key === 'r') {
                                          event.preventDefault();
                                          event.stopPropagation();
                                          acts.place(block.battery, (lie) => (by === undefined ? { turned: (lie.turned + 90) % 360 } : { x_mm: lie.x_mm + by[0], y_mm: lie.y_mm + by[1] }));
                                      }
                                  },
                              })}
                    >
                        <rect x={block.x_mm} y={block.y_mm} width={block.width_mm} height={block.depth_mm} rx="5" className={`${lines.box} ${selected === `battery:${block.battery}` ? lines.hand : ''}`} strokeWidth={selected === `battery:${block.battery}` ? 6 : 2} />
                    </g>
                );
            })}
            {/* The words stand beside the button, not in it: its name says what can be done. */}
            {bench.blocks.map((block) => {
                const by = dragged(block);
                const middle = { x: block.x_mm + block.width_mm / 2 + by.x, y: block.y_mm + block.depth_mm / 2 + by.y };
                const name = font(18, 0.2);
                const line = (text: string, down: number, size: number, look: string | undefined) => (
                    <text x={middle.x} y={middle.y + down * name} textAnchor="middle" style={{ fontSize: size }} className={look}>
                        {text}
                    </text>
                );
                return (
                    <g key={block.battery} aria-hidden="true">
                        {line(`Battery ${block.number}`, -0.5, name, lines.name)}
                        {line(block.kind, 0.45, font(13, 0.14), lines.text)}
                        {line(volts(reading(block.battery)?.expect_v, 2), 1.5, font(15, 0.16), lines.figure)}
                        {line(reading(block.battery)?.id === block.battery ? 'across it' : 'from common −', 2.3, font(11, 0.12), lines.text)}
                    </g>
                );
            })}
            {bench.wires.map((wire, index) => {
                const path = wirePath(bench, wire.from, wire.to);
                const ends = (['from', 'to'] as const).filter((end) => landed(wire.id, wire[end]));
                if (path === null || ends.length === 0) {
                    return null;
                }
                const middle = { x: ((postAt(bench, wire.from)?.x ?? 0) + (postAt(bench, wire.to)?.x ?? 0)) / 2, y: ((postAt(bench, wire.from)?.y ?? 0) + (postAt(bench, wire.to)?.y ?? 0)) / 2 };
                // One that the plan does not list stands for the strings: the bank has its gauge and its length.
                const on = listed.some((jumper) => jumper.id === wire.id) ? `jumper:${wire.id}` : `bank:${wired.id}`;
                return (
                    <g key={wire.id}>
                        <g
                            className={lines.part}
                            role="button"
                            tabIndex={0}
                            aria-pressed={selected === on}
                            aria-label={`Jumper ${index + 1}, ${postName(job, wire.from)} to ${postName(job, wire.to)}`}
                            data-jumper={index + 1}
                            onClick={() => onSelect(on)}
                            onKeyDown={(event) => {
                                if (event.key === 'Enter' || event.key === ' ') {
                                    event.preventDefault();
                                    onSelect(on);
                                }
                            }}
                        >
                            <path d={path} className={lines.grasp} strokeWidth={isNarrow ? Math.max(44, 45 * scale) : 44} />
                            <path d={path} className={lines.glow} strokeWidth="30" />
                        </g>
                        <path d={path} fill="none" strokeWidth="13" strokeLinecap="round" pointerEvents="none" stroke={tint(wire.from.endsWith('+') ? wire.from : wire.to)} opacity={ends.length === 1 ? 0.45 : 1} />
                        {wire.amps !== null && (
                            <>
                                <path d={path} data-hot="" className={`${lines.line} ${lines.stop}`} strokeWidth="5" strokeDasharray="14 10" pointerEvents="none" />
                                <text x={middle.x} y={middle.y - 24} textAnchor="middle" style={{ fontSize: font(16) }} className={`${lines.figure} ${lines.stop} ${lines.edged} ${lines.onSheet}`} strokeWidth="6">
                                    ⬣ {amps(wire.amps)}
                                </text>
                            </>
                        )}
                        {acts !== null &&
                            ends.map((end) => {
                                const other = postAt(bench, end === 'from' ? wire.to : wire.from);
                                const grip = other === null ? null : gripAt(bench, wire[end], other);
                                return grip === null ? null : (
                                    <circle
                                        key={end}
                                        cx={grip.x}
                                        cy={grip.y}
                                        r={radius(GRIP)}
                                        className={`${lines.box} ${lines.hand} ${lines.grab}`} strokeWidth="3" fillOpacity="0.85"
                                        data-grip={`jumper:${index + 1}:${end}`}
                                        onPointerDown={hold({ kind: 'end', jumper: wire.id, end, stays: wire[end === 'from' ? 'to' : 'from'] })}
                                    />
                                );
                            })}
                    </g>
                );
            })}
            {leads.map(({ feed, side, post, y }) => lead(feed, side, post, y))}
            {bench.blocks.flatMap((block) =>
                (['+', '-'] as const).map((sign) => {
                    const post = `${block.battery}${sign}`;
                    const place = sign === '+' ? block.plus : block.minus;
                    const by = dragged(block);
                    return (
                        <g key={post} transform={`translate(${by.x} ${by.y})`} data-post={post} data-lit-post={lit?.includes(post) || undefined} className={acts === null ? undefined : lines.grab} {...(acts === null ? {} : { onPointerDown: hold({ kind: 'wire', from: post }) })}>
                            {(now?.post === post || lit?.includes(post)) && <circle cx={place.x} cy={place.y} r={radius(POST) + 16} className={`${lines.line} ${lines.hand}`} strokeWidth="6" />}
                            <circle cx={place.x} cy={place.y} r={radius(POST)} fill={tint(post)} stroke="var(--ink)" strokeWidth="2" />
                            <text x={place.x} y={place.y + 9} textAnchor="middle" className={`${lines.figure} ${sign === '+' ? `${lines.edged} ${lines.onSheet}` : lines.pale}`} strokeWidth="7" fontSize="28" pointerEvents="none">
                                {sign === '+' ? '+' : '−'}
                            </text>
                        </g>
                    );
                }),
            )}
            {(['plus', 'minus'] as const).map((which) => {
                const place = held?.what.kind === 'probe' && held.what.which === which ? held.at : postAt(bench, probes[which]);
                return place === null ? null : (
                    <g key={which} data-probe={which} className={acts === null ? undefined : lines.grab} {...(acts === null ? {} : { onPointerDown: hold({ kind: 'probe', which }) })}>
                        <path d={`M${place.x} ${place.y} l${which === 'plus' ? 46 : -46} -62`} className={`${lines.line} ${which === 'plus' ? lines.stop : ''}`} strokeWidth="7" strokeLinecap="round" />
                        <circle cx={place.x + (which === 'plus' ? 46 : -46)} cy={place.y - 62} r="15" className={`${lines.solid} ${which === 'plus' ? lines.stop : ''}`} stroke="var(--sheet)" strokeWidth="3" />
                    </g>
                );
            })}
            {(shownSteps ?? []).map((step, index, all) => {
                const place = step.post === null ? null : postAt(bench, step.post);
                const before = all.slice(0, index).filter((other) => other.post === step.post).length;
                const block = bench.blocks.find((candidate) => candidate.battery === step.post?.slice(0, -1));
                // Towards the middle of its block, where no other post is near.
                const inward = block !== undefined && (place?.x ?? 0) < block.x_mm + block.width_mm / 2 ? 1 : -1;
                return place === null ? null : (
                    <g key={`step ${index}`} pointerEvents="none">
                        <circle cx={place.x + inward * (36 + before * 32)} cy={place.y} r="16" className={lines.solid} stroke="var(--sheet)" strokeWidth="2" />
                        <text x={place.x + inward * (36 + before * 32)} y={place.y + 7} textAnchor="middle" className={`${lines.figure} ${lines.pale}`} fontSize="20">
                            {index + 1}
                        </text>
                    </g>
                );
            })}
            {held !== null && held.what.kind !== 'block' && held.what.kind !== 'probe' && <Trail bench={bench} from={held.what.kind === 'wire' ? held.what.from : held.what.kind === 'end' ? held.what.stays : null} to={held.at} />}
            <Loupe svg={svg} held={held} />
        </svg>
    );
}

/** A wire in the hand. */
function Trail({ bench, from, to }: { bench: Bench; from: string | null; to: Place }) {
    const start = from === null ? null : postAt(bench, from);
    const over = postNear(bench, to);
    const post = over === null ? null : postAt(bench, over);
    return (
        <g pointerEvents="none">
            {start !== null && <path d={`M${start.x} ${start.y} L${to.x} ${to.y}`} className={`${lines.line} ${lines.hand}`} strokeWidth="8" strokeDasharray="4 12" strokeLinecap="round" />}
            {post !== null && <circle cx={post.x} cy={post.y} r="32" className={`${lines.line} ${lines.hand}`} strokeWidth="6" />}
            <circle cx={to.x} cy={to.y} r="9" className={`${lines.solid} ${lines.stop}`} stroke="var(--sheet)" strokeWidth="3" />
        </g>
    );
}

function rounded(millimetres: number): number {
    return Math.round(millimetres / STEP) * STEP;
}
