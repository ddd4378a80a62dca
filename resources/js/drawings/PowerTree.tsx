import { useRef } from 'react';

import type { Finding, PlannedJob, WiredBank } from '../api/types';
import { partName, words } from '../boat/parts';
import { partOf, pointAbove, protection } from '../boat/planParts';
import { amps, gauge, length, lost, percent, useUnits, volts } from '../units/units';
import { BATTERY, BLOCK_WIDTH, CONVERTER, DEVICE, layOut, type PlacedBank, type PlacedConverter, type PlacedDevice, type PlacedRun } from './powerTreeLayout';
import { deviceFigures, runFigures, worstOn } from './treeFigures';
import { useSize } from './useSize';
import { useZoom } from './ZoomPane';
import { copperWidth, potentialTint } from './potential';
import classes from './PowerTree.module.css';
import { judged, toneOf } from './judged';
import lines from './lines.module.css';
import { pressed } from './pressed';
import { Loupe } from './Loupe';
import { type Place, useDrag } from './useDrag';

interface Props {
    job: PlannedJob;
    /** where the wires of its banks are landed; empty: not known yet */
    wired: WiredBank[];
    /** the part in hand, as "feed:house" */
    selected: string;
    /** parts that a change which is looked at would touch, as "feed:house" */
    touched: string[];
    onSelect: (on: string) => void;
    /** a branch dragged onto another block; null: nothing can be changed */
    onHang: ((run: string, block: string) => void) | null;
}

const LEAST_SCALE = 0.84;
/** units that a letter of the words takes */
const LETTER = 7.8;
/** how far beside a block a branch may be let go */
const REACH = 70;

/** Banks at the left, devices at the right; line weight by copper area, tint by volts, protection where it sits. */
export function PowerTree({ job, wired, selected, touched, onSelect, onHang }: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const around = useRef<HTMLDivElement>(null);
    const room = useSize(around, { width: 1120, height: 0 });
    const zoom = useZoom();
    const layout = layOut(job, { width: room.width / zoom, height: room.height / zoom });
    const under = (at: Place) => layout.blocks.find((block) => at.y >= block.top && at.y <= block.bottom && Math.abs(at.x - block.x) < REACH);
    const { held, hold } = useDrag<string>(svg, ({ what, at }) => {
        const block = under(at);
        if (block !== undefined) {
            onHang?.(what, block.id);
        }
    });
    const over = held === null ? undefined : under(held.at);
    const changed = (part: string) => touched.includes(part);
    return (
        // A boat with much in it scrolls before it grows too small to read.
        <div ref={around} className={classes.room}>
        <svg ref={svg} className={`${lines.whole} ${classes.tree}`} style={{ minHeight: layout.height * LEAST_SCALE }} viewBox={`0 0 ${layout.width} ${layout.height}`} preserveAspectRatio="xMidYMin meet" role="group" aria-label="Power tree: every run is a button">
            {layout.runs.map((placed) => (
                <RunLine key={placed.run.id} job={job} placed={placed} selected={partOf(placed.run) === selected} touched={changed(`${placed.run.of}:${placed.run.id}`)} onSelect={onSelect} />
            ))}
            {layout.blocks.map((block) => (
                <g key={block.id}>
                    <g role="button" tabIndex={0} className={lines.part} aria-pressed={selected === `block:${block.id}`} aria-label={partName(job, `block:${block.id}`)} {...pressed(() => onSelect(`block:${block.id}`))}>
                        {selected === `block:${block.id}` && <rect x={block.x - 5} y={block.top - 5} width={BLOCK_WIDTH + 10} height={block.bottom - block.top + 10} className={lines.taken} />}
                        <rect x={block.x - 8} y={block.top} width={BLOCK_WIDTH + 16} height={block.bottom - block.top} className={lines.grasp} pointerEvents="all" />
                        <rect x={block.x} y={block.top} width={BLOCK_WIDTH} height={block.bottom - block.top} className={lines.solid} data-block={block.id} />
                    </g>
                    {over?.id === block.id && <rect x={block.x - 7} y={block.top - 5} width="28" height={block.bottom - block.top + 10} className={`${lines.line} ${lines.hand}`} strokeWidth="3" strokeDasharray="7 5" />}
                </g>
            ))}
            {layout.converters.map((converter) => (
                <ConverterBox key={`${converter.charger} ${converter.y}`} job={job} placed={converter} touched={changed(`charger:${converter.charger}`)} selected={selected === `charger:${converter.charger}`} onSelect={onSelect} />
            ))}
            {layout.banks.map((bank) => (
                <BankStack key={bank.bank.id} wires={wired.find((one) => one.id === bank.bank.id)?.wires ?? []} job={job} placed={bank} touched={changed(`bank:${bank.bank.id}`)} selected={selected} onSelect={onSelect} />
            ))}
            {layout.devices.map((device) => (
                <DeviceBox key={device.on} job={job} placed={device} x={layout.deviceX} worst={worstOn(job, device.on)} touched={changed(device.on)} selected={selected === device.on} onSelect={onSelect} />
            ))}
            {onHang !== null &&
                layout.blocks.length > 1 &&
                layout.runs
                    .filter((placed) => placed.feed === null)
                    .map((placed) => (
                        // The same by keys and for screen readers: the block's field in the table of runs.
                        <circle
                            key={placed.run.id}
                            cx={held?.what === placed.run.id ? held.at.x : placed.x1}
                            cy={held?.what === placed.run.id ? held.at.y : placed.y1}
                            r="8"
                            className={`${lines.box} ${lines.hand} ${lines.grab}`} strokeWidth="2"
                            data-hook={placed.run.id}
                            onPointerDown={hold(placed.run.id)}
                        />
                    ))}
            <Loupe svg={svg} held={held} />
        </svg>
        </div>
    );
}

function RunLine({ job, placed, selected, touched, onSelect }: { job: PlannedJob; placed: PlacedRun; selected: boolean; touched: boolean; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    const { run, x1, x2, y1, y2, feed } = placed;
    const width = copperWidth(run.area_mm2);
    // The bend keeps left of the fuse, so that the long stretch, where the words stand, is level.
    const bend = x1 + 34;
    const level = feed === null ? x1 : bend + 16;
    const path = feed === null ? `M${x1} ${y2} H${x2}` : `M${x1} ${y1} H${bend - 14} C${bend + 6} ${y1} ${bend - 6} ${y2} ${bend + 14} ${y2} H${x2}`;
    const fuses = feed === null ? 1 : protection(feed).length;
    const worst = worstOn(job, partOf(run));
    const { wire: said, lost: inFull } = runFigures(job, run, feed, system);
    // Under a branch its rating has room; above a feed the words begin behind it.
    const textX = level + (fuses === 0 ? 64 : feed === null ? 36 : 14 + LETTER * amps(run.protection_a).length);
    const sign = worst === 'stop' ? '⬣ ' : worst === 'warn' ? '▲ ' : '';
    // A short stretch between blocks has room for what matters most; its button and the inspector say the rest.
    const lostRoom = x2 - 10 - level - (fuses > 0 && feed === null ? 50 : 36);
    const lostWords = inFull.length * LETTER < lostRoom ? inFull : `−${lost(run.drop_v)} · ${amps(run.current_a)}`;
    const plain = `${gauge(run.gauge)} · ${length(run.length_m, system)}`;
    const fitting = [said, plain, gauge(run.gauge)].find((words) => (sign.length + words.length) * LETTER < x2 - textX) ?? gauge(run.gauge);
    return (
        <>
        <g
            role="button"
            tabIndex={0}
            aria-pressed={selected}
            aria-label={`${run.label}: ${said}, drop ${percent(run.drop_pct)}, ${run.protection_a === null ? 'no fuse' : `fuse ${amps(run.protection_a)}`}${worst === null ? '' : `, ${worst === 'stop' ? 'stop' : 'decide'}`}`}
            className={lines.part}
            data-run={run.id}
            {...pressed(() => onSelect(partOf(run)))}
        >
            <path d={path} className={lines.grasp} strokeWidth="30" />
            {touched && <path d={path} className={`${lines.line} ${lines.hand}`} strokeOpacity="0.35" strokeWidth={width + 16} />}
            {selected && <path d={path} fill="none" stroke="var(--taken)" strokeWidth={width + 9} />}
            <path d={path} className="wire" fill="none" stroke={potentialTint(placed.potential)} strokeWidth={width} />
        </g>
        {/* The words stand beside the button, not in it: its name says them in order. */}
        <g aria-hidden="true" pointerEvents="none">
            {fuses > 0 ? <FuseSign x={level + 6} y={y2} amps={run.protection_a} breaker={feed !== null} /> : <text x={level + 6} y={y2 - 8} className={`${lines.figure} ${lines.stop} ${lines.edged}`} fontSize="13" strokeWidth="4">no fuse</text>}
            <text x={textX} y={y2 - width / 2 - 5} className={`${worst === 'stop' ? lines.figure : lines.words} ${toneOf(worst)} ${lines.edged}`} fontSize="13" strokeWidth="4">
                {sign}
                {fitting}
            </text>
            <text x={x2 - 10} y={y2 + width / 2 + 13} textAnchor="end" className={`${lines.words} ${lines.edged}`} fontSize="13" strokeWidth="4" data-figure={`tree:${run.id}:drop`}>
                {lostWords}
            </text>
        </g>
        </>
    );
}

/** The schematic signs of the standards: a breaker's open arm, a fuse's line through its box. */
function FuseSign({ x, y, amps: rating, breaker }: { x: number; y: number; amps: number | null; breaker: boolean }) {
    return (
        <g>
            <rect x={x} y={y - 8} width="26" height="16" className={lines.box} strokeWidth="1.4" />
            {breaker ? <path d={`M${x + 5} ${y + 4} L${x + 21} ${y - 4}`} className={lines.line} strokeWidth="1.4" /> : <path d={`M${x} ${y} H${x + 26}`} className={lines.line} strokeWidth="1.4" />}
            <text x={x} y={breaker ? y - 13 : y + 22} className={`${lines.words} ${lines.edged}`} fontSize="13" strokeWidth="4">
                {amps(rating)}
            </text>
        </g>
    );
}

function BankStack({ job, wires, placed, touched, selected, onSelect }: { job: PlannedJob; wires: WiredBank['wires']; placed: PlacedBank; touched: boolean; selected: string; onSelect: (on: string) => void }) {
    const figures = job.evaluation.banks.find((bank) => bank.id === placed.bank.id);
    const fromNegative = (battery: string) => pointAbove(job, placed.bank.id, battery);
    return (
        <g>
            {wires.map((wire) => (
                <path key={`${wire.from} ${wire.to}`} d={wirePath(placed, wire)} fill="none" stroke={potentialTint(fromNegative(wire.from.slice(0, -1))?.expect_v ?? null)} strokeWidth="6" />
            ))}
            {placed.batteries.map((battery) => {
                const reading = fromNegative(battery.id);
                return (
                    <g key={battery.id}>
                        <g role="button" tabIndex={0} className={lines.part} aria-pressed={selected === `battery:${battery.id}`} aria-label={`${partName(job, `battery:${battery.id}`)}: ${volts(reading?.expect_v)}`} {...pressed(() => onSelect(`battery:${battery.id}`))}>
                            {selected === `battery:${battery.id}` && <rect x={BATTERY.x - 4} y={battery.y - 4} width={BATTERY.width + 8} height={BATTERY.height + 8} rx="5" className={lines.taken} />}
                            <rect x={BATTERY.x} y={battery.y} width={BATTERY.width} height={BATTERY.height} rx="3" className={lines.box} strokeWidth="1.2" />
                        </g>
                        <g aria-hidden="true" pointerEvents="none">
                            <text x={BATTERY.x + 10} y={battery.y + 17} className={lines.name} fontSize="16">
                                {placed.batteries.length === 1 ? words(placed.bank.id) : `Battery ${figures?.batteries.find((one) => one.id === battery.id)?.number ?? battery.number}`}
                            </text>
                            <text x={BATTERY.x + 10} y={battery.y + 34} className={lines.figure} fontSize="16">
                                {volts(reading?.expect_v)}
                            </text>
                        </g>
                    </g>
                );
            })}
            {touched && <rect x={BATTERY.x - 6} y={Math.min(...placed.batteries.map((battery) => battery.y)) - 5} width={BATTERY.width + 12} height={placed.batteries.length * (BATTERY.height + BATTERY.gap) + 4} className={`${lines.line} ${lines.hand}`} strokeWidth="3" strokeDasharray="7 5" />}
            <g role="button" tabIndex={0} className={lines.part} aria-pressed={selected === `bank:${placed.bank.id}`} aria-label={`${partName(job, `bank:${placed.bank.id}`)}, ${figures?.nominal_v ?? '–'} V ${figures?.capacity_ah ?? '–'} Ah`} {...pressed(() => onSelect(`bank:${placed.bank.id}`))}>
                <rect x={BATTERY.x - 4} y={placed.labelY - 19} width="210" height="30" className={selected === `bank:${placed.bank.id}` ? lines.taken : lines.grasp} pointerEvents="all" />
            </g>
            <text x={BATTERY.x} y={placed.labelY} aria-hidden="true" className={`${lines.words} ${lines.edged}`} fontSize="13" strokeWidth="4" pointerEvents="none">
                {words(placed.bank.id)} · {figures?.nominal_v} V {figures?.capacity_ah} Ah
            </text>
        </g>
    );
}

/** Volts of one bank made into others: what goes in keeps its tint, what comes out has its own. */
function ConverterBox({ job, placed, touched, selected, onSelect }: { job: PlannedJob; placed: PlacedConverter; touched: boolean; selected: boolean; onSelect: (on: string) => void }) {
    const { from, x, y } = placed;
    const top = y - CONVERTER.height / 2;
    const worst = worstOn(job, `charger:${placed.charger}`);
    const bend = from.x + 34;
    return (
        <g data-converter={placed.charger} role="button" tabIndex={0} className={lines.part} aria-pressed={selected} {...pressed(() => onSelect(`charger:${placed.charger}`))} aria-label={`${partName(job, `charger:${placed.charger}`)}: ${volts(placed.volts)}, up to ${amps(placed.amps)}${worst === null ? '' : `, ${worst === 'stop' ? 'stop' : 'decide'}`}`}>
            <path d={`M${from.x} ${from.y} H${bend - 14} C${bend + 6} ${from.y} ${bend - 6} ${y} ${bend + 14} ${y} H${x}`} fill="none" stroke={potentialTint(placed.input)} strokeWidth="4" />
            <path d={`M${x + CONVERTER.width} ${y} H${placed.to}`} fill="none" stroke={potentialTint(placed.volts)} strokeWidth="4" />
            {touched && <rect x={x - 5} y={top - 4} width={CONVERTER.width + 10} height={CONVERTER.height + 8} className={`${lines.line} ${lines.hand}`} strokeWidth="3" strokeDasharray="7 5" />}
            {selected && <rect x={x - 4} y={top - 4} width={CONVERTER.width + 8} height={CONVERTER.height + 8} rx="5" className={lines.taken} />}
            <rect x={x} y={top} width={CONVERTER.width} height={CONVERTER.height} rx="3" {...judged(worst)} />
            <text x={x + 10} y={top + 17} className={lines.name} fontSize="16">
                {partName(job, `charger:${placed.charger}`)}
            </text>
            <text x={x + 10} y={top + 34} className={lines.figure} fontSize="16">
                {volts(placed.volts)}
            </text>
            <text x={x} y={top + CONVERTER.height + 14} className={`${lines.words} ${lines.edged}`} fontSize="13" strokeWidth="4">
                from {volts(placed.input)}, up to {amps(placed.amps)}
            </text>
        </g>
    );
}

/** A jumper in series bends to the right of the stack, one that joins like posts to the left. */
function wirePath(placed: PlacedBank, wire: WiredBank['wires'][number]): string {
    const y = (post: string) => {
        const top = placed.batteries.find((battery) => battery.id === post.slice(0, -1))?.y ?? 0;
        return post.endsWith('+') ? top + 12 : top + BATTERY.height - 12;
    };
    const series = wire.from.at(-1) !== wire.to.at(-1);
    const [x, bend] = series ? [BATTERY.x + BATTERY.width, 22] : [BATTERY.x, -18];
    const rise = y(wire.to) - y(wire.from);
    return `M${x} ${y(wire.from)} c${bend} 0 ${bend} ${rise} 0 ${rise}`;
}

function DeviceBox({ job, placed, x, worst, touched, selected, onSelect }: { job: PlannedJob; placed: PlacedDevice; x: number; worst: Finding['level'] | null; touched: boolean; selected: boolean; onSelect: (on: string) => void }) {
    const { volts: shown, words: drawing } = deviceFigures(job, placed.on);
    const top = placed.y - DEVICE.height / 2;
    return (
        <g>
            <g
                role="button"
                tabIndex={0}
                className={lines.part}
                aria-pressed={selected}
                aria-label={`${partName(job, placed.on)}: ${volts(shown)}`}
                {...pressed(() => onSelect(placed.on))}
            >
                {selected && <rect x={x - 4} y={top - 4} width={DEVICE.width + 8} height={DEVICE.height + 8} rx="5" className={lines.taken} />}
                <rect x={x} y={top} width={DEVICE.width} height={DEVICE.height} rx="3" {...judged(worst)} />
            </g>
            <g aria-hidden="true" pointerEvents="none">
                {touched && <rect x={x - 5} y={top - 4} width={DEVICE.width + 10} height={DEVICE.height + 8} className={`${lines.line} ${lines.hand}`} strokeWidth="3" strokeDasharray="7 5" />}
                <text x={x + 10} y={top + 16} className={lines.name} fontSize="16">
                    {partName(job, placed.on)}
                </text>
                <text x={x + 10} y={top + 33} className={lines.figure} fontSize="16" data-figure={`device:${placed.id}:volts_loaded`}>
                    {volts(shown)}
                </text>
                <text x={x + 82} y={top + 33} className={lines.words} fontSize="13">
                    {drawing}
                </text>
                {worst === 'stop' && <path d="M6 0h7l6 6v7l-6 6H6l-6-6V6z" transform={`translate(${x + DEVICE.width - 26} ${top + 4})`} fill="var(--brick)" />}
                {worst === 'warn' && <path d="M9 0l9 16H0z" transform={`translate(${x + DEVICE.width - 25} ${top + 5})`} fill="var(--ochre)" />}
            </g>
        </g>
    );
}
