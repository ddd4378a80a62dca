import { Fragment, useRef } from 'react';

import type { Finding, PlannedJob, Sonar } from '../api/types';
import { cableThere, linkPart, plugsAt } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { useUnits } from '../units/units';
import { cableFigures } from './cableFigures';
import { judged } from './judged';
import lines from './lines.module.css';
import { facePins, PlugFace } from './PlugFace';
import { pressed } from './pressed';
import classes from './SonarMap.module.css';
import { CASE, type Hole, type PlacedCase, type PlacedTransducer, sonarMap, type SonarMapLayout, TRANSDUCER } from './sonarMapLayout';
import { worstOn } from './treeFigures';
import { useSize } from './useSize';
import { useZoom } from './ZoomPane';

interface Props {
    job: PlannedJob;
    /** the part in hand, as "transducer:t1" */
    selected: string;
    onSelect: (on: string) => void;
    /** terminal blocks pin by pin: the one in hand is opened */
    slips: Sonar['slips'];
}

/** where a rope leaves its transducer, and where its first adapter sits */
const [ROPE, FIRST_LINK] = [TRANSDUCER.x + TRANSDUCER.width, 302];
/** px from where a rope turns to its socket */
const TURN = 52;
const LINK = { width: 62, height: 28, step: 68 };
/** px of a plug that is opened */
const OPENED = 168;
/** ticks that a rope has room for */
const MOST_TICKS = 20;

/** Transducers, what joins them to sockets, devices from behind, network cables: ropes with a tick a metre, free sockets and ports hollow, what is missing dashed. */
export function SonarMap({ job, selected, onSelect, slips }: Props) {
    const around = useRef<HTMLDivElement>(null);
    const room = useSize(around, { width: 836, height: 0 });
    const map = sonarMap(job, room.width / useZoom());
    return (
        <div ref={around} className={classes.room}>
        <svg className={`${lines.whole} ${classes.map}`} viewBox={`0 0 ${map.width} ${map.height}`} style={{ minHeight: map.height * 0.84 }} preserveAspectRatio="xMidYMin meet" role="group" aria-label="Sonar map: every part is a button; the panes below say the same as lists">
            {map.cables.map((cable) => (
                <g key={cable.id} role="button" tabIndex={0} className={lines.part} aria-pressed={selected === `network-cable:${cable.id}`} aria-label={partName(job, `network-cable:${cable.id}`)} data-cable={cable.id} {...pressed(() => onSelect(`network-cable:${cable.id}`))}>
                    <path d={between(cable.from, cable.to)} className={lines.grasp} strokeWidth="28" />
                    {selected === `network-cable:${cable.id}` && <path d={between(cable.from, cable.to)} fill="none" stroke="var(--taken)" strokeWidth="11" />}
                    <path d={between(cable.from, cable.to)} className={`${lines.line} ${lines.hand}`} strokeWidth="3.5" />
                </g>
            ))}
            {map.transducers.map((placed) => (
                <Fragment key={placed.transducer.id}>
                    <Rope job={job} placed={placed} to={map.caseX} selected={selected} onSelect={onSelect} />
                    <TransducerBox job={job} placed={placed} selected={selected === `transducer:${placed.transducer.id}`} onSelect={onSelect} />
                </Fragment>
            ))}
            {map.cases.map((placed) => (
                <Case key={placed.device} job={job} placed={placed} selected={selected === `device:${placed.device}`} onSelect={onSelect} />
            ))}
            <OpenedPlug map={map} slip={slips.find(({ block }) => selected === `terminal-block:${block}`)} />
        </svg>
        </div>
    );
}

function TransducerBox({ job, placed: { transducer, y }, selected, onSelect }: { job: PlannedJob; placed: PlacedTransducer; selected: boolean; onSelect: (on: string) => void }) {
    const on = `transducer:${transducer.id}`;
    const top = y - TRANSDUCER.height / 2;
    return (
        <g data-transducer={transducer.id}>
            <g role="button" tabIndex={0} className={lines.part} aria-pressed={selected} aria-label={`${partName(job, on)}, ${transducer.functions.join(', ')}`} {...pressed(() => onSelect(on))}>
                {selected && <rect x={TRANSDUCER.x - 4} y={top - 4} width={TRANSDUCER.width + 8} height={TRANSDUCER.height + 8} rx="5" className={lines.taken} />}
                <rect x={TRANSDUCER.x} y={top} width={TRANSDUCER.width} height={TRANSDUCER.height} rx="3" {...judged(worstHere(job, on))} />
            </g>
            <g aria-hidden="true" pointerEvents="none">
                <text x={TRANSDUCER.x + 10} y={top + 21} className={lines.name} fontSize="15">
                    {cut(partName(job, on), 31)}
                </text>
                <text x={TRANSDUCER.x + 10} y={top + 41} className={lines.text} fontSize="13">
                    {cut(transducer.plug, 32)}
                </text>
            </g>
        </g>
    );
}

/** Its cable to the socket: the metres there, those that are needed, what is left over or lacks, and what joins the plugs. */
function Rope({ job, placed, to, selected, onSelect }: { job: PlannedJob; placed: PlacedTransducer; to: number; selected: string; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    const { transducer, y, chain, reached, socket } = placed;
    const there = cableThere(transducer);
    const { there: words, left, isShort, isLong } = cableFigures(placed, system);
    const links = reached === false ? [null] : chain;
    const ticks = Math.min(MOST_TICKS, Math.floor(there ?? 0));
    const end = FIRST_LINK - LINK.width / 2 - 8;
    const turn = to - TURN;
    return (
        <g data-rope={transducer.id}>
            <path d={`M${ROPE} ${y}H${socket === null ? end : turn}`} className={lines.line} strokeWidth="4" strokeDasharray={reached === false ? '9 6' : undefined} />
            {socket !== null && <path d={`M${turn} ${y}C${turn + 26} ${y} ${to - 30} ${socket.y} ${to} ${socket.y}`} className={`${lines.line} ${reached === false ? lines.stop : ''}`} strokeWidth="4" strokeDasharray={reached === false ? '9 6' : undefined} />}
            {Array.from({ length: ticks }, (_, at) => (
                <path key={at} d={`M${ROPE + ((at + 1) * (end - ROPE)) / (ticks + 1)} ${y - 3}v6`} stroke="var(--paper)" strokeWidth="2" />
            ))}
            {isLong && links.length < 2 && <path d={`M${turn - 6} ${y}c-16 26 22 26 6 0c-16 26 22 26 6 0`} className={lines.line} strokeWidth="3" data-coil={transducer.id} />}
            <text x={ROPE + 8} y={y - 21} className={`${lines.text} ${lines.soft}`} fontSize="13">
                {words}
            </text>
            {left !== null && (
                <text x={ROPE + 8} y={y + 26} className={`${lines.text} ${isShort ? lines.stop : lines.soft}`} fontSize="13">
                    {left}
                </text>
            )}
            {links.map((id, at) => (
                <LinkBox key={id ?? 'missing'} job={job} id={id} x={FIRST_LINK + at * LINK.step} y={y} selected={id !== null && selected === linkPart(job.plan, id)} onSelect={onSelect} />
            ))}
            {socket === null && (
                <text x={end + 10} y={y + 5} className={`${lines.text} ${lines.soft}`} fontSize="13">
                    plugged in nowhere
                </text>
            )}
            {reached === false && (
                <text x={ROPE + 8} y={y + 30} className={`${lines.text} ${lines.stop}`} fontSize="13">
                    nothing joins it to its socket
                </text>
            )}
        </g>
    );
}

/** An adapter or a terminal block in its line; one that is missing is dashed. */
function LinkBox({ job, id, x, y, selected, onSelect }: { job: PlannedJob; id: string | null; x: number; y: number; selected: boolean; onSelect: (on: string) => void }) {
    const box = { x: x - LINK.width / 2, y: y - LINK.height / 2, width: LINK.width, height: LINK.height, rx: 3 };
    if (id === null) {
        return (
            <g data-missing="">
                <rect {...box} className={`${lines.box} ${lines.stop}`} strokeWidth="2" strokeDasharray="5 4" />
                <text x={x} y={y + 5} textAnchor="middle" className={`${lines.name} ${lines.stop}`} fontSize="14">
                    missing
                </text>
            </g>
        );
    }
    const on = linkPart(job.plan, id);
    return (
        <g role="button" tabIndex={0} className={lines.part} aria-pressed={selected} aria-label={partName(job, on)} data-link={id} {...pressed(() => onSelect(on))}>
            {selected && <rect x={box.x - 4} y={box.y - 4} width={box.width + 8} height={box.height + 8} rx="5" className={lines.taken} />}
            <rect {...box} {...judged(worstHere(job, on))} />
            <text x={x} y={y + 5} textAnchor="middle" className={lines.name} fontSize="14" aria-hidden="true">
                {on.startsWith('adapter') ? 'adapter' : 'block'}
            </text>
        </g>
    );
}

/** The plug of a terminal block, opened to its pins beside its place in the line. */
function OpenedPlug({ map, slip }: { map: SonarMapLayout; slip: Sonar['slips'][number] | undefined }) {
    const row = map.transducers.find(({ chain }) => slip !== undefined && chain.includes(slip.block)) ?? map.transducers.find(({ transducer }) => transducer.id === slip?.transducer);
    if (slip === undefined || row === undefined) {
        return null;
    }
    const [x, at] = [FIRST_LINK + Math.max(0, row.chain.indexOf(slip.block)) * LINK.step + LINK.width / 2 + 18, Math.max(4, Math.min(row.y - OPENED / 2, map.height - OPENED - 22))];
    return (
        <g data-opened={slip.block} pointerEvents="none">
            <path d={`M${x - 18} ${row.y}H${x + 10}`} className={`${lines.line} ${lines.hand}`} strokeWidth="2" />
            <rect x={x} y={at - 4} width={OPENED + 12} height={OPENED + 24} rx="4" className={`${lines.box} ${lines.hand}`} strokeWidth="1.5" />
            <PlugFace side="wire" pins={facePins(slip)} place={{ x: x + 6, y: at, width: OPENED, height: OPENED }} />
            <text x={x + OPENED / 2 + 6} y={at + OPENED + 14} textAnchor="middle" className={`${lines.text} ${lines.soft}`} fontSize="13">
                wire side, key up
            </text>
        </g>
    );
}

/** A device from behind: sockets for transducers at its left, ports of the network where the cables come from. */
function Case({ job, placed: { device, x, top, height, sockets, ports }, selected, onSelect }: { job: PlannedJob; placed: PlacedCase; selected: boolean; onSelect: (on: string) => void }) {
    const on = `device:${device}`;
    const free = ports.filter((port) => !port.taken).length;
    const planned = job.plan.devices?.find((one) => one.id === device);
    return (
        <g data-case={device}>
            <g role="button" tabIndex={0} className={lines.part} aria-pressed={selected} aria-label={`${partName(job, on)}${ports.length === 0 ? '' : `, ${free} of ${ports.length} ports free`}`} {...pressed(() => onSelect(on))}>
                {selected && <rect x={x - 4} y={top - 4} width={CASE.width + 8} height={height + 8} rx="5" className={lines.taken} />}
                <rect x={x} y={top} width={CASE.width} height={height} rx="3" {...judged(worstHere(job, on))} />
            </g>
            <g aria-hidden="true" pointerEvents="none">
                <text x={x + 14} y={top + 21} className={lines.name} fontSize="15">
                    {cut(partName(job, on), 27)}
                </text>
                {sockets.map((socket) => (
                    <Fragment key={socket.id}>
                        <Pinned {...socket} pins={6} />
                        <text x={x + 16} y={socket.y + 5} className={lines.text} fontSize="13">
                            {cut(planned?.sockets?.find(({ id }) => id === socket.id)?.plug ?? '', 25)}
                        </text>
                        {plugsAt(job.plan, device, socket.id) > 1 && (
                            <text x={x - 12} y={socket.y - 12} textAnchor="end" className={`${lines.text} ${lines.stop}`} fontSize="13">
                                {plugsAt(job.plan, device, socket.id)} plugs, 1 socket
                            </text>
                        )}
                    </Fragment>
                ))}
                {ports.map((port, at) => (
                    <Pinned key={at} {...port} pins={4} />
                ))}
                {ports.length > 0 && sockets.length === 0 && (
                    <text x={x + 16} y={top + height - 10} className={`${lines.text} ${lines.soft}`} fontSize="13">
                        {free === 0 ? 'no port free' : free === 1 ? '1 port free' : `${free} ports free`}
                    </text>
                )}
            </g>
        </g>
    );
}

/** A round socket with its pins; a free one is hollow. */
function Pinned({ x, y, taken, pins }: Hole & { pins: number }) {
    return (
        <g data-hole={taken ? 'taken' : 'free'}>
            <circle cx={x} cy={y} r="9" className={taken ? lines.solid : lines.box} stroke="var(--ink)" strokeWidth="1.5" />
            {Array.from({ length: pins }, (_, at) => {
                const turn = (2 * Math.PI * at) / pins;
                return <circle key={at} cx={x + 5 * Math.sin(turn)} cy={y - 5 * Math.cos(turn)} r="1.3" fill={taken ? 'var(--sheet)' : 'var(--ink)'} />;
            })}
        </g>
    );
}

/** Two cases of one column are joined by a bow to the right, others by a line that leaves and comes level. */
function between(from: Hole, to: Hole): string {
    const [left, right] = from.x <= to.x ? [from, to] : [to, from];
    const bow = left.x === right.x ? 60 : -(right.x - left.x) / 2;
    return `M${left.x} ${left.y}C${left.x + Math.abs(bow)} ${left.y} ${right.x + bow} ${right.y} ${right.x} ${right.y}`;
}

/** What speaks of power is drawn on the power tree. */
function worstHere(job: PlannedJob, on: string): Finding['level'] | null {
    return worstOn(job, on, 'sonar');
}

function cut(words: string, most: number): string {
    return words.length > most ? `${words.slice(0, most - 1)}…` : words;
}
