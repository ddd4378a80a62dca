import { type KeyboardEvent, useRef } from 'react';

import type { PatchStep, PlannedJob } from '../api/types';
import type { Backbone, DataSide } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { length, useUnits, volts } from '../units/units';
import lines from './lines.module.css';
import { Loupe } from './Loupe';
import { useDrag } from './useDrag';
import { useSize } from './useSize';
import { useTold } from './useTold';
import { useZoom } from './ZoomPane';

interface Props {
    job: PlannedJob;
    backbone: Backbone;
    judged: DataSide['backbones'][number] | undefined;
    /** a tap is moved; null: the boat is not this person's to change */
    onMove: ((patch: PatchStep[]) => void) | null;
    /** what letting go would do, while a tap is in the hand */
    onDraft: (patch: PatchStep[] | null) => void;
}

/** m that an arrow key moves a tap, and that a drag is rounded to */
const STEP = 0.1;

/** px: left and right of the trunk, and above it */
const [EDGE, TRUNK] = [60, 84];
/** px that a name takes */
const NAME = 190;
/** px of the shortest drop that is drawn, and of the longest */
const [SHORTEST, LONGEST] = [34, 150];
/** px between names that hang below one another, so that neighbours do not meet */
const STAGGER = 34;

/** A backbone to scale: its trunk with terminators and taps, each drop at its tee, the node of the lowest volts told. */
export function TrunkDrawing({ job, backbone, judged, onMove, onDraft }: Props) {
    const { system } = useUnits();
    const svg = useRef<SVGSVGElement>(null);
    const around = useRef<HTMLDivElement>(null);
    const width = Math.max(600, useSize(around, { width: 836, height: 0 }).width / useZoom());
    const x = (metres: number) => EDGE + ((width - 2 * EDGE) * metres) / backbone.length_m;
    const perMetre = (width - 2 * EDGE) / backbone.length_m;
    const taps = backbone.power ?? [];
    const along = (metres: number) => Number(Math.min(backbone.length_m, Math.max(0, Math.round(metres / STEP) * STEP)).toFixed(3));
    const moved = (which: number, to: number): PatchStep[] => [{ on: `backbone:${backbone.id}`, set: { power: taps.map((tap, at) => (at === which ? { ...tap, at_m: to } : tap)) } }];
    const { held, hold } = useDrag<number>(svg, ({ what, at }) => {
        const to = along((at.x - EDGE) / perMetre);
        if (to !== taps[what]?.at_m) {
            onMove?.(moved(what, to));
        }
    });
    const drafted = held === null ? null : along((held.at.x - EDGE) / perMetre);
    useTold(held === null || drafted === null ? null : moved(held.what, drafted), onDraft);
    const nudge = (which: number) => (event: KeyboardEvent) => {
        const by = event.key === 'ArrowRight' ? STEP : event.key === 'ArrowLeft' ? -STEP : 0;
        if (by !== 0) {
            event.preventDefault();
            onMove?.(moved(which, along((taps[which]?.at_m ?? 0) + by)));
        }
    };
    const nodes = [...(backbone.nodes ?? [])].sort((one, other) => one.at_m - other.at_m);
    const name = partName(job, `backbone:${backbone.id}`);
    return (
        <div ref={around} style={{ height: '100%' }}>
        <svg ref={svg} viewBox={`0 0 ${width} 330`} className={lines.whole} preserveAspectRatio="xMidYMin meet" role={onMove === null ? 'img' : 'group'} aria-label={`${name}, ${length(backbone.length_m, system)}: ${nodes.map((node) => `${partName(job, `device:${node.device}`)} at ${length(node.at_m, system)}`).join(', ')}`}>
            <path d={`M${x(0)} ${TRUNK}H${x(backbone.length_m)}`} className={lines.line} strokeWidth={backbone.cable === 'heavy' ? 9 : 5} />
            {(['start', 'end'] as const).map((end) => {
                const at = end === 'start' ? x(0) : x(backbone.length_m);
                const there = (backbone.terminators ?? []).filter((one) => one === end).length;
                return (
                    <g key={end}>
                        <rect x={at - 9} y={TRUNK - 16} width="18" height="32" className={`${there > 0 ? lines.solid : lines.box} ${there === 1 ? '' : lines.stop}`} strokeWidth="2" strokeDasharray={there > 0 ? undefined : '4 3'} />
                        <text x={at} y={TRUNK + 36} textAnchor="middle" className={`${lines.text} ${there === 1 ? lines.soft : lines.stop}`} fontSize="13">
                            {there === 0 ? 'no terminator' : there === 1 ? '120 Ω' : `${there} × 120 Ω`}
                        </text>
                    </g>
                );
            })}
            {taps.map((tap, at) => {
                const metres = held?.what === at && drafted !== null ? drafted : tap.at_m;
                const words = `${tap.volts === undefined ? 'power' : volts(tap.volts)} at ${length(metres, system)}`;
                return (
                    <g key={at} data-tap={at}>
                        <path d={`M${x(metres)} 28V${TRUNK}m-7 -12l7 12l7 -12`} className={`${lines.line} ${lines.copper}`} strokeWidth="3" />
                        <text x={x(metres)} y={20} textAnchor="middle" className={lines.figure} fontSize="16">
                            {words}
                        </text>
                        {onMove !== null && (
                            <circle
                                cx={x(metres)}
                                cy={44}
                                r="12"
                                strokeWidth="2"
                                className={`${lines.box} ${lines.handle}`}
                                role="slider"
                                tabIndex={0}
                                aria-label={`Power tap ${at + 1} of ${name}`}
                                aria-valuemin={0}
                                aria-valuemax={backbone.length_m}
                                aria-valuenow={metres}
                                aria-valuetext={words}
                                onKeyDown={nudge(at)}
                                onPointerDown={hold(at)}
                            />
                        )}
                    </g>
                );
            })}
            {backbone.isolated_at_m !== undefined && <path d={`M${x(backbone.isolated_at_m)} ${TRUNK - 16}v32`} className={`${lines.line} ${lines.decide}`} strokeWidth="4" />}
            {nodes.map((node, at) => {
                const long = Math.min(LONGEST, Math.max(SHORTEST, (node.drop_m ?? 0) * perMetre));
                const y = TRUNK + long + (at % 3) * STAGGER;
                const isWorst = judged?.worst === node.device;
                // Beside its drop where there is room: not over the next one's, nor over the edge.
                const next = nodes[at + 1];
                const toLeft = (next === undefined ? width : x(next.at_m)) - x(node.at_m) < NAME && x(node.at_m) > NAME;
                return (
                    <g key={node.device} data-node={node.device}>
                        <path d={`M${x(node.at_m)} ${TRUNK}V${y}`} className={`${lines.line} ${isWorst ? lines.decide : ''}`} strokeWidth="3" />
                        <circle cx={x(node.at_m)} cy={y} r="5" className={`${lines.solid} ${isWorst ? lines.decide : ''}`} />
                        <text x={x(node.at_m) + (toLeft ? -10 : 10)} y={y + 5} textAnchor={toLeft ? 'end' : 'start'} className={`${lines.name} ${lines.edged}`} strokeWidth="4" fontSize="15">
                            {partName(job, `device:${node.device}`)}
                            {isWorst && judged.volts_min !== null && `: ${volts(judged.volts_min, 2)}, the least`}
                        </text>
                    </g>
                );
            })}
            <Loupe svg={svg} held={held} />
        </svg>
        </div>
    );
}
