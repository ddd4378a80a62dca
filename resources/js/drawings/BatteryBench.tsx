import { type PointerEvent, useState } from 'react';

import type { Bank, Bench, PlannedJob } from '../api/types';
import { battery as batteryOf, feedsOf, postOf } from '../power/planParts';
import { amps, volts } from '../units/units';
import classes from './BatteryBench.module.css';
import { type BenchBlock, frameOf, gripAt, leadPath, type Place, postAt, postNear, wirePath } from './benchGeometry';
import { potentialTint } from './potential';

const POST = 20;
const GRIP = 15;
/** mm that a block is moved by at a press of an arrow, and that a drag is rounded to */
const STEP = 5;

/** What is done on the bench by hand; each has its line in the list of posts as well. */
export interface BenchActs {
    /** every block's new place */
    place: (places: { battery: string; x_mm: number; y_mm: number; turned: number }[]) => void;
    /** a new jumper */
    join: (from: string, to: string) => void;
    /** an end of a jumper on another post; null: off */
    land: (jumper: number, end: 'from' | 'to', post: string | null) => void;
    /** an end of a feed on another post */
    lead: (feed: string, side: 'plus' | 'minus', post: string) => void;
    probe: (which: 'plus' | 'minus', post: string) => void;
}

interface Props {
    job: PlannedJob;
    bank: Bank;
    bench: Bench;
    /** where the probes stand */
    probes: { plus: string; minus: string };
    /** steps of the order of connection that are done; null: everything is landed */
    done: number | null;
    /** null: nothing can be changed */
    acts: BenchActs | null;
}

type Held =
    | { what: 'block'; battery: string; from: Place; at: Place }
    | { what: 'wire'; from: string; at: Place }
    | { what: 'end'; jumper: number; end: 'from' | 'to'; stays: string; at: Place }
    | { what: 'lead'; feed: string; side: 'plus' | 'minus'; at: Place }
    | { what: 'probe'; which: 'plus' | 'minus'; at: Place };

/** A bank from above, to scale: blocks, posts, jumpers and leads, and what a meter shows at each post from the common negative. */
export function BatteryBench({ job, bank, bench, probes, done, acts }: Props) {
    const [held, setHeld] = useState<Held | null>(null);
    const frame = frameOf(bench);
    const feeds = feedsOf(job.plan, bank);
    const shownSteps = done === null ? null : bench.order.slice(0, done);
    const landed = (wire: string, post: string) => shownSteps === null || shownSteps.some((step) => step.wire === wire && step.post === post);
    const now = done === null || done === 0 ? undefined : bench.order[done - 1];
    const right = frame.left + frame.width - 250;
    const small = { fontSize: 14 * frame.unit };
    const reading = (id: string) =>
        job.evaluation.meter_points.find((point) => point.plus === `${id}+` && point.id.startsWith(`${bank.id}:`)) ?? job.evaluation.meter_points.find((point) => point.id === id);
    const tint = (post: string) => (post.endsWith('-') ? 'var(--charcoal)' : potentialTint(reading(post.slice(0, -1))?.expect_v ?? null));

    const at = (event: PointerEvent<SVGElement>): Place => {
        const svg = event.currentTarget.ownerSVGElement ?? (event.currentTarget as unknown as SVGSVGElement);
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()?.inverse());
        return { x: point.x, y: point.y };
    };
    const hold = (what: (place: Place) => Held) => (event: PointerEvent<SVGElement>) => {
        if (event.button === 0) {
            event.currentTarget.setPointerCapture(event.pointerId);
            setHeld(what(at(event)));
        }
    };
    const move = (event: PointerEvent<SVGElement>) => {
        if (held !== null) {
            setHeld({ ...held, at: at(event) });
        }
    };
    const put = (battery: string, change: (block: BenchBlock) => Partial<BenchBlock>) =>
        acts?.place(bench.blocks.map((block) => ({ ...block, ...(block.battery === battery ? change(block) : {}) })).map(({ battery: id, x_mm, y_mm, turned }) => ({ battery: id, x_mm, y_mm, turned })));
    const letGo = () => {
        if (held === null) {
            return;
        }
        const post = postNear(bench, held.at);
        setHeld(null);
        switch (held.what) {
            case 'block': {
                const by = { x: rounded(held.at.x - held.from.x), y: rounded(held.at.y - held.from.y) };
                if (by.x !== 0 || by.y !== 0) {
                    put(held.battery, (block) => ({ x_mm: block.x_mm + by.x, y_mm: block.y_mm + by.y }));
                }
                break;
            }
            case 'wire':
                if (post !== null && post !== held.from) {
                    acts?.join(held.from, post);
                }
                break;
            case 'end':
                if (post !== held.stays) {
                    acts?.land(held.jumper, held.end, post);
                }
                break;
            case 'lead':
                if (post !== null) {
                    acts?.lead(held.feed, held.side, post);
                }
                break;
            case 'probe':
                if (post !== null) {
                    acts?.probe(held.which, post);
                }
                break;
        }
    };
    const dragged = (block: BenchBlock) => (held?.what === 'block' && held.battery === block.battery ? { x: rounded(held.at.x - held.from.x), y: rounded(held.at.y - held.from.y) } : { x: 0, y: 0 });
    const change = acts === null ? {} : { onPointerMove: move, onPointerUp: letGo, onPointerCancel: () => setHeld(null) };
    const lead = (feed: string, side: 'plus' | 'minus', post: string, y: number) => {
        const end = { x: right, y };
        const path = leadPath(bench, post, end);
        const grip = gripAt(bench, post, end);
        if (path === null || !landed(feed, post)) {
            return null;
        }
        return (
            <g key={`${feed} ${side}`}>
                <path d={path} className={classes.lead} stroke={tint(post)} />
                <text x={right + 8} y={y + 5 * frame.unit} style={small} className={classes.kind}>
                    {feed} {side === 'plus' ? '+' : '−'}
                </text>
                {acts !== null && grip !== null && <circle cx={grip.x} cy={grip.y} r={GRIP} className={classes.grip} data-grip={`feed:${feed}:${side}`} onPointerDown={hold((place) => ({ what: 'lead', feed, side, at: place }))} {...change} />}
            </g>
        );
    };
    return (
        <svg viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`} preserveAspectRatio="xMinYMid meet" className={classes.bench} role="group" aria-label={`Battery bench of bank ${bank.id}: the posts below are the same as a list`}>
            <rect {...frame.inside} className={bench.inside_mm === null ? classes.unmeasured : classes.tray} data-fits={bench.fits ?? undefined} />
            {bench.neighbours.map((block) => (
                <g key={block.battery}>
                    <rect x={block.x_mm} y={block.y_mm} width={block.width_mm} height={block.depth_mm} rx="5" className={classes.neighbour} />
                    <text x={block.x_mm + 10} y={block.y_mm + 18 * frame.unit} style={small} className={classes.kind}>
                        {block.battery}
                    </text>
                </g>
            ))}
            {bench.blocks.map((block) => {
                const by = dragged(block);
                const part = batteryOf(job.plan, block.battery);
                return (
                    <g
                        key={block.battery}
                        transform={`translate(${by.x} ${by.y})`}
                        className={acts === null ? undefined : classes.movable}
                        data-block={block.battery}
                        {...(acts === null
                            ? {}
                            : {
                                  role: 'button',
                                  tabIndex: 0,
                                  'aria-label': `Battery ${block.number}: arrows move it, r turns it`,
                                  onPointerDown: hold((place) => ({ what: 'block', battery: block.battery, from: place, at: place })),
                                  ...change,
                                  onKeyDown: (event: React.KeyboardEvent) => {
                                      const by = ({ ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] } as Record<string, [number, number]>)[event.key];
                                      if (by !== undefined || event.key === 'r') {
                                          event.preventDefault();
                                          event.stopPropagation();
                                          put(block.battery, (placed) => (by === undefined ? { turned: (placed.turned + 90) % 360 } : { x_mm: placed.x_mm + by[0], y_mm: placed.y_mm + by[1] }));
                                      }
                                  },
                              })}
                    >
                        <rect x={block.x_mm} y={block.y_mm} width={block.width_mm} height={block.depth_mm} rx="5" className={classes.block} />
                        <text x={block.x_mm + block.width_mm / 2} y={block.y_mm + block.depth_mm / 2 - 6 * frame.unit} textAnchor="middle" style={{ fontSize: 18 * frame.unit }} className={classes.name}>
                            Battery {block.number}
                        </text>
                        <text x={block.x_mm + block.width_mm / 2} y={block.y_mm + block.depth_mm / 2 + 12 * frame.unit} textAnchor="middle" style={small} className={classes.kind}>
                            {part?.chemistry} {part?.capacity_ah} Ah
                        </text>
                        <text x={block.x_mm + block.width_mm / 2} y={block.y_mm + block.depth_mm / 2 + 31 * frame.unit} textAnchor="middle" style={{ fontSize: 15 * frame.unit }} className={classes.reading}>
                            {volts(reading(block.battery)?.expect_v, 2)}
                        </text>
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
                return (
                    <g key={wire.id}>
                        <path d={path} className={classes.jumper} stroke={tint(wire.from.endsWith('+') ? wire.from : wire.to)} opacity={ends.length === 1 ? 0.45 : 1} />
                        {wire.amps !== null && (
                            <>
                                <path d={path} className={classes.hot} />
                                <text x={middle.x} y={middle.y - 24} textAnchor="middle" style={{ fontSize: 16 * frame.unit }} className={classes.hotText}>
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
                                        r={GRIP}
                                        className={classes.grip}
                                        data-grip={`jumper:${index + 1}:${end}`}
                                        onPointerDown={hold((place) => ({ what: 'end', jumper: index, end, stays: wire[end === 'from' ? 'to' : 'from'], at: place }))}
                                        {...change}
                                    />
                                );
                            })}
                    </g>
                );
            })}
            {feeds.map((feed, index) => lead(feed.id, 'plus', postOf(bank, feed.from.plus ?? 'pos'), frame.inside.y + (index + 0.5) * 22 * frame.unit))}
            {feeds.map((feed, index) => lead(feed.id, 'minus', postOf(bank, feed.from.minus ?? 'neg'), frame.inside.y + frame.inside.height - (index + 0.5) * 22 * frame.unit))}
            {bench.blocks.flatMap((block) =>
                (['+', '-'] as const).map((sign) => {
                    const post = `${block.battery}${sign}`;
                    const place = sign === '+' ? block.plus : block.minus;
                    const by = dragged(block);
                    return (
                        <g key={post} transform={`translate(${by.x} ${by.y})`} data-post={post} className={acts === null ? undefined : classes.movable} {...(acts === null ? {} : { onPointerDown: hold((held) => ({ what: 'wire', from: post, at: held })), ...change })}>
                            {now?.post === post && <circle cx={place.x} cy={place.y} r={POST + 16} className={classes.now} />}
                            <circle cx={place.x} cy={place.y} r={POST} fill={tint(post)} className={classes.post} />
                            <text x={place.x} y={place.y + 9} textAnchor="middle" className={sign === '+' ? classes.sign : classes.minusSign}>
                                {sign === '+' ? '+' : '−'}
                            </text>
                        </g>
                    );
                }),
            )}
            {(['plus', 'minus'] as const).map((which) => {
                const place = held?.what === 'probe' && held.which === which ? held.at : postAt(bench, probes[which]);
                return place === null ? null : (
                    <g key={which} data-probe={which} className={acts === null ? undefined : classes.movable} {...(acts === null ? {} : { onPointerDown: hold((at) => ({ what: 'probe', which, at })), ...change })}>
                        <path d={`M${place.x} ${place.y} l${which === 'plus' ? 46 : -46} -62`} className={which === 'plus' ? classes.red : classes.black} />
                        <circle cx={place.x + (which === 'plus' ? 46 : -46)} cy={place.y - 62} r="15" className={which === 'plus' ? classes.redKnob : classes.blackKnob} />
                    </g>
                );
            })}
            {held !== null && held.what !== 'block' && held.what !== 'probe' && <Trail bench={bench} from={held.what === 'wire' ? held.from : held.what === 'end' ? held.stays : null} to={held.at} />}
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
            {start !== null && <path d={`M${start.x} ${start.y} L${to.x} ${to.y}`} className={classes.inHand} />}
            {post !== null && <circle cx={post.x} cy={post.y} r={POST + 10} className={classes.now} />}
            <circle cx={to.x} cy={to.y} r="9" className={classes.redKnob} />
        </g>
    );
}

function rounded(millimetres: number): number {
    return Math.round(millimetres / STEP) * STEP;
}
