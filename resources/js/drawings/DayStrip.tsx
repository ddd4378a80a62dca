import { type KeyboardEvent, type PointerEvent, useRef } from 'react';

import type { DayRun, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { useNarrow } from '../look/useNarrow';
import { clock, useUnits, volts } from '../units/units';
import { DayOver, endsOf, type LaidOver } from './DayOver';
import { DayTide } from './DayTide';
import { apart, CHARGE, DASHES, flags, HEIGHT, LEFT, lineThrough, PHASES, placeAmong, RIGHT, VOLTS } from './dayStripLayout';
import lines from './lines.module.css';
import { Loupe } from './Loupe';
import { useDrag } from './useDrag';
import { useSize } from './useSize';
import { useZoom } from './ZoomPane';

/** px: a narrower room is scrolled */
const LEAST = 600;

/** px of a phase in which its name has no room */
const NARROW = 90;

interface Props {
    job: PlannedJob;
    run: DayRun;
    /** min from the start at which she turns home at the latest; null: there is no such moment */
    turn: number | null;
    /** the phase of that number is to be longer by so many hours; null: the boat is not this person's to change */
    onStretch: ((phase: number, by: number) => void) | null;
    /** the phase of that number is to stand elsewhere among them */
    onMove: (phase: number, to: number) => void;
    /** h that an arrow key moves an end, and that a drag is rounded to */
    step: number;
    /** other days that lie over it */
    over: readonly LaidOver[];
    /** what a monitor says this second; null: none is watched */
    live: { minute: number; charge: number } | null;
    /** whether what is drawn is of an earlier plan */
    isOld: boolean;
}

/** px: what a phase and its end are taken at, at the least across, and how far down each begins; for a finger one stands above the other */
const MOUSE = { least: 28, body: PHASES.top, end: PHASES.top - 4 };
const FINGER = { least: 46, body: PHASES.top - PHASES.height / 2, end: PHASES.top + PHASES.height / 2 };

/** A phase in the hand, by its end or as a whole. */
interface Taken {
    by: 'end' | 'body';
    phase: number;
}

/** Hours across: phases as blocks, the charge of each bank, the volts of the screen that comes nearest to going out; what gives out is flagged. */
export function DayStrip({ job, run, turn, onStretch, onMove, step, over, live, isOld }: Props) {
    const { system } = useUnits();
    const grip = useNarrow() ? FINGER : MOUSE;
    const svg = useRef<SVGSVGElement>(null);
    const around = useRef<HTMLDivElement>(null);
    const width = Math.max(LEAST, useSize(around, { width: 836, height: 0 }).width / useZoom());
    const longest = Math.max(run.hours, ...over.map(({ lines: day }) => (day.minutes[day.minutes.length - 1] ?? 0) / 60));
    const total = Math.max(longest, 0.1);
    const perHour = (width - LEFT - RIGHT) / total;
    const x = (minutes: number) => LEFT + (minutes / 60) * perHour;
    const { held, hold } = useDrag<Taken>(svg, ({ what, from, at }) => {
        const by = Math.round((at.x - from.x) / perHour / step) * step;
        if (what.by === 'end' && by !== 0) {
            onStretch?.(what.phase, by);
        }
        if (what.by === 'body') {
            onMove(what.phase, placeAmong(run, what.phase, by));
        }
    });
    const ends = run.phases.map((phase) => x(phase.at_min + phase.minutes));
    // Ends of short phases lie closer than a finger is wide: the nearest to it is meant.
    const holdNearestEnd = (event: PointerEvent<SVGElement>) => {
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.current?.getScreenCTM()?.inverse()).x;
        const far = ends.map((end) => Math.abs(end - at));
        hold({ by: 'end', phase: far.indexOf(Math.min(...far)) })(event);
    };
    const shifted = (which: number, by: Taken['by']) => (held?.what.phase === which && held.what.by === by ? held.at.x - held.from.x : 0);
    const move = (which: number) => (event: KeyboardEvent) => {
        const to = event.key === 'ArrowRight' ? which + 1 : event.key === 'ArrowLeft' ? which - 1 : which;
        if (to !== which) {
            event.preventDefault();
            onMove(which, to);
        }
    };
    const stretch = (which: number) => (event: KeyboardEvent) => {
        const by = event.key === 'ArrowRight' ? step : event.key === 'ArrowLeft' ? -step : 0;
        if (by !== 0) {
            event.preventDefault();
            onStretch?.(which, by);
        }
    };
    const told = flags(run);
    const xs = run.series.minutes.map(x);
    const end = run.hours * 60;
    const banks = (job.plan.banks ?? []).map((bank) => ({ id: bank.id, batteries: bank.strings.flat().filter((id) => (run.series.soc[id] ?? []).length > 0) })).filter(({ batteries }) => batteries.length > 0);
    const charge = (share: number) => CHARGE.top + CHARGE.height * (1 - share);
    const left = banks.map(({ batteries }) => Math.min(...batteries.map((id) => run.batteries.find((one) => one.id === id)?.soc_end ?? 1)));
    const [lowest, near] = [CHARGE.top + CHARGE.height + 8, endsOf(over).every(({ minute }) => Math.abs(x(minute) - x(end)) < RIGHT)];
    const wanted = [...left, ...endsOf(over).map(({ soc }) => soc)].map((share) => charge(share) + 5);
    // Where other days end elsewhere their names are in nobody's way.
    const labels = near ? apart(wanted, 17, lowest) : [...apart(wanted.slice(0, left.length), 17, lowest), ...apart(wanted.slice(left.length), 17, lowest)];
    const worst = run.devices.find(({ id }) => id === run.worst);
    const seen = (worst === undefined ? [] : (run.series.volts[worst.id] ?? [])).map((one) => one ?? null);
    const known = seen.filter((one) => one !== null);
    const [top, bottom] = [Math.max(...known, worst?.v_min ?? 0) + 0.2, Math.min(...known.filter((one) => one > 1), worst?.v_min ?? Infinity) - 0.2];
    const level = (value: number) => VOLTS.top + VOLTS.height * ((top - Math.max(value, bottom)) / Math.max(0.1, top - bottom));
    const every = [0.25, 0.5, 1, 2, 3, 4, 6, 12, 24].find((hours) => hours * perHour >= 74) ?? 24;
    const first = Math.ceil(run.starts_min / 60 / every) * every * 60;
    const ticks = Array.from({ length: Math.max(0, Math.floor((run.starts_min + 60 * longest - first) / 60 / every) + 1) }, (_, at) => first + at * every * 60);
    return (
        <div ref={around} style={{ height: '100%', overflowX: 'auto' }}>
            <svg ref={svg} viewBox={`0 0 ${width} ${HEIGHT}`} className={lines.whole} preserveAspectRatio="xMidYMin meet" role="group" aria-label="Day strip: the panes below say the same as lists" data-old={isOld || undefined} style={{ minWidth: LEAST, ...(isOld ? { opacity: 0.55 } : {}) }}>
                {ticks.map((minute) => (
                    <g key={minute}>
                        <path d={`M${x(minute - run.starts_min)} ${PHASES.top}V${VOLTS.top + VOLTS.height}`} className={`${lines.line} ${lines.hair}`} strokeWidth="1" />
                        <text x={x(minute - run.starts_min)} y={HEIGHT - 8} textAnchor="middle" className={lines.words} fontSize="14">
                            {clock(minute, system)}
                        </text>
                    </g>
                ))}
                {run.phases.map((phase, at) => {
                    const left = x(phase.at_min) + shifted(at, 'body');
                    const long = (phase.minutes / 60) * perHour + shifted(at, 'end');
                    const name = phase.name === '' ? `phase ${at + 1}` : phase.name;
                    const marks = [phase.engine ? 'engine' : '', phase.home ? 'home' : ''].filter(Boolean).join(', ');
                    const isNarrow = long < NARROW;
                    return (
                        <g key={at} data-phase={at}>
                            <rect x={left} y={PHASES.top} width={Math.max(2, long)} height={PHASES.height} rx="2" className={phase.home ? lines.ground : lines.box} strokeWidth="1.5" />
                            {isNarrow && (
                                <text x={at === 0 ? left : left + long} y={PHASES.top - 6} textAnchor={at === 0 ? 'start' : 'end'} className={`${lines.text} ${lines.soft}`} fontSize="13" aria-hidden="true">
                                    {cut(name)}
                                </text>
                            )}
                            {!isNarrow && <svg x={left + 6} y={PHASES.top} width={Math.max(0, long - 14)} height={PHASES.height} aria-hidden="true">
                                <text y={15} className={lines.name} fontSize="14">
                                    {name}
                                </text>
                                <text y={30} className={`${lines.words} ${lines.soft}`} fontSize="13">
                                    {`${lasting(phase.minutes)}${marks === '' ? '' : `, ${marks}`}`}
                                </text>
                            </svg>}
                        </g>
                    );
                })}
                <DayTide job={job} run={run} x={x} y={charge} />
                {onStretch !== null &&
                    run.phases.length > 1 &&
                    run.phases.map((phase, at) => (
                        <rect
                            key={at}
                            x={x(phase.at_min)}
                            y={grip.body}
                            width={Math.max(grip.least, (phase.minutes / 60) * perHour)}
                            height={PHASES.height}
                            className={`${lines.box} ${lines.handle}`}
                            fillOpacity="0"
                            strokeOpacity="0"
                            strokeWidth="3"
                            role="button"
                            tabIndex={0}
                            aria-label={`${phase.name === '' ? `Phase ${at + 1}` : phase.name}, ${at + 1} of ${run.phases.length}: arrows move it earlier or later`}
                            onKeyDown={move(at)}
                            onPointerDown={hold({ by: 'body', phase: at })}
                        />
                    ))}
                {onStretch !== null &&
                    run.phases.map((phase, at) => {
                        const end = x(phase.at_min) + (phase.minutes / 60) * perHour + shifted(at, 'end');
                        const name = phase.name === '' ? `phase ${at + 1}` : phase.name;
                        return (
                            <g key={at}>
                                <path d={`M${end - 2} ${PHASES.top + 10}v${PHASES.height - 20}m4 0v-${PHASES.height - 20}`} className={`${lines.line} ${lines.hand}`} strokeWidth="1.5" pointerEvents="none" />
                                <rect
                                    x={end - grip.least / 2}
                                    y={grip.end}
                                    width={grip.least}
                                    height={PHASES.height + 8}
                                    rx="4"
                                    className={`${lines.box} ${lines.handle}`}
                                    fillOpacity="0"
                                    strokeOpacity="0"
                                    role="slider"
                                    tabIndex={0}
                                    aria-label={`End of ${name}`}
                                    aria-valuemin={0}
                                    aria-valuenow={Number((phase.minutes / 60).toFixed(2))}
                                    aria-valuetext={lasting(phase.minutes)}
                                    onKeyDown={stretch(at)}
                                    onPointerDown={holdNearestEnd}
                                />
                            </g>
                        );
                    })}
                {over.length > 0 && <DayOver job={job} over={over} x={x} y={charge} heights={labels.slice(left.length)} />}
                <g data-charge="">
                    {[1, 0.5, 0].map((share) => (
                        <g key={share}>
                            <path d={`M${LEFT} ${charge(share)}H${x(end)}`} className={`${lines.line} ${lines.hair}`} strokeWidth="1" />
                            <text x={LEFT - 8} y={charge(share) + 5} textAnchor="end" className={lines.words} fontSize="14">
                                {share * 100} %
                            </text>
                        </g>
                    ))}
                    {banks.map((bank, at) => (
                        <g key={bank.id} data-bank={bank.id}>
                            {bank.batteries.map((id) => (
                                <path key={id} d={lineThrough([...xs, x(end)], [...(run.series.soc[id] ?? []).map(charge), charge(run.batteries.find((one) => one.id === id)?.soc_end ?? 0)])} className={`${lines.line} ${lines.hand}`} strokeWidth="2.5" strokeDasharray={DASHES[at % DASHES.length]} />
                            ))}
                            <text x={x(end) + 10} y={labels[at]} className={`${lines.name} ${lines.edged}`} strokeWidth="4" fontSize="14">
                                {partName(job, `bank:${bank.id}`)} <tspan className={lines.figure}>{Math.round((left[at] ?? 0) * 100)} %</tspan>
                            </text>
                        </g>
                    ))}
                </g>
                                {worst !== undefined && known.length > 0 && (
                    <g data-volts={worst.id}>
                        <path d={`M${LEFT} ${level(worst.v_min)}H${x(end)}`} className={`${lines.line} ${lines.stop}`} strokeWidth="1.5" strokeDasharray="5 4" />
                        <text x={LEFT - 8} y={level(worst.v_min) + 5} textAnchor="end" className={`${lines.words} ${lines.stop}`} fontSize="14">
                            {volts(worst.v_min)}
                        </text>
                        <path d={lineThrough(xs, seen.map((one) => (one === null || one < 1 ? null : level(one))))} className={lines.line} strokeWidth="2" />
                        <text x={x(end) + 10} y={VOLTS.top + 16} className={lines.name} fontSize="14">
                            {cut(partName(job, `device:${worst.id}`))}
                        </text>
                        <text x={x(end) + 10} y={VOLTS.top + 36} className={lines.figure} fontSize="15">
                            {worst.volts_trip_min === null ? '' : `${volts(worst.volts_trip_min, 2)} at the least`}
                        </text>
                    </g>
                )}
                {turn !== null && turn <= end && (
                    <g data-turn={turn} pointerEvents="none">
                        <path d={`M${x(turn)} ${PHASES.top - 4}V${VOLTS.top + VOLTS.height}`} className={`${lines.line} ${lines.decide}`} strokeWidth="2" strokeDasharray="7 4" />
                        <text x={x(turn) - 6} y={VOLTS.top - 8} textAnchor="end" className={`${lines.name} ${lines.edged} ${lines.decide}`} strokeWidth="4" fontSize="14">
                            turn home by {clock(run.starts_min + turn, system)}
                        </text>
                    </g>
                )}
                {live !== null && (
                    <g data-live-at={live.minute} pointerEvents="none">
                        <circle cx={x(live.minute)} cy={charge(live.charge)} r="7" className={`${lines.box} ${lines.decide}`} strokeWidth="3" />
                        <text x={x(live.minute) + 12} y={charge(live.charge) - 8} className={`${lines.figure} ${lines.edged} ${lines.decide}`} strokeWidth="4" fontSize="14">
                            now {Math.round(100 * live.charge)} %
                        </text>
                    </g>
                )}
                {told.map(({ minute, devices }, at) => (
                    <g key={minute} data-out={minute} pointerEvents="none">
                        <path d={`M${x(minute)} ${at === 0 ? 18 : PHASES.top + PHASES.height + 4}V${VOLTS.top + VOLTS.height}`} className={`${lines.line} ${lines.stop}`} strokeWidth={at === 0 ? 2.5 : 1.5} />
                        {at === 0 && <path d={`M${x(minute)} 18l${minute > end / 2 ? -16 : 16} 6l${minute > end / 2 ? 16 : -16} 6z`} className={`${lines.solid} ${lines.stop}`} data-pennant="" />}
                        {at === 0 && (
                            <text x={x(minute)} y={14} textAnchor={minute > end / 2 ? 'end' : 'start'} className={`${lines.name} ${lines.stop}`} fontSize="15">
                                ⬣ {clock(run.starts_min + minute, system)} {devices.map((id) => partName(job, `device:${id}`)).join(', ')} out
                            </text>
                        )}
                    </g>
                ))}
                <Loupe svg={svg} held={held} />
            </svg>
        </div>
    );
}

function cut(words: string): string {
    return words.length > 24 ? `${words.slice(0, 23)}…` : words;
}

/** As "3 h 30". */
function lasting(minutes: number): string {
    return `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;
}
