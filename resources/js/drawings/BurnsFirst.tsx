import { Stack, Text } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { Act } from '../look/Act';
import { ask } from '../api/client';
import type { PlannedJob, Run, Shorts } from '../api/types';
import { length, useUnits } from '../units/units';
import classes from './BurnsFirst.module.css';
import lines from './lines.module.css';

const WIDTH = 760;
const LEFT = 250;
const RIGHT = 20;
const ROW = 26;
const TOP = 8;
const BOTTOM = 26;
/** The axis: a tenth of a millisecond to an hour, each decade alike. */
const FIRST = -4;
const LAST = 4;
const DECADES = [
    [-4, '0.1 ms'],
    [-3, '1 ms'],
    [-2, '10 ms'],
    [-1, '0.1 s'],
    [0, '1 s'],
    [1, '10 s'],
    [2, '100 s'],
    [3, '17 min'],
] as const;

type Event = Shorts['places'][number]['events'][number];
const WHAT = { opens: 'opens', insulation: 'insulation spoilt', copper: 'copper melts' } as const;

/** A short anywhere along a run: when each fuse opens, each insulation is spoilt, each copper melts. */
export function BurnsFirst({ job, run, onWhy }: { job: PlannedJob; run: Run; onWhy: (figure: string) => void }) {
    const { system } = useUnits();
    const [at, setAt] = useState(10);
    const shorts = useQuery({
        queryKey: ['short', job.id, job.version.hash, run.id, system],
        queryFn: () => ask<Shorts>(`jobs/${job.id}/short?run=${encodeURIComponent(run.id)}&units=${system}`),
        placeholderData: (before) => (before?.run === run.id ? before : undefined),
        retry: false,
    });
    if (shorts.data === undefined) {
        return <p>{shorts.error === null ? 'Asking what burns first…' : shorts.error.message}</p>;
    }
    const place = shorts.data.places[at];
    if (place === undefined) {
        return null;
    }
    const height = TOP + place.events.length * ROW + BOTTOM;
    return (
        <Stack component="figure" gap={6} h="100%" mih={0} m={0} style={{ overflowY: 'auto' }}>
            <Text component="figcaption" fw={600} fz={16} data-figure="short:says">
                {place.says}
            </Text>
            <Act style={{ alignSelf: 'start' }} onClick={() => onWhy(`short:${run.id}:${place.along}`)}>
                Why
            </Act>
            <label className={classes.place}>
                Where the short lies: {run.length_m === null ? '' : length(run.length_m * place.along, system)} along
                <input type="range" min={0} max={shorts.data.places.length - 1} value={at} onChange={(event) => setAt(Number(event.currentTarget.value))} />
            </label>
            <div className={classes.scroll} tabIndex={0} role="region" aria-label="What happens when">
                <svg viewBox={`0 0 ${WIDTH} ${height}`} className={classes.drawing} role="img" aria-label="Times on a logarithmic axis; the list after it has the same figures">
                    {DECADES.map(([decade, label]) => (
                        <g key={decade}>
                            <line x1={x(decade)} x2={x(decade)} y1={TOP} y2={height - BOTTOM} className={`${lines.line} ${lines.hair}`} />
                            <text x={x(decade)} y={height - BOTTOM + 18} textAnchor="middle" className={lines.words} fontSize="13">
                                {label}
                            </text>
                        </g>
                    ))}
                    {place.events.map((event, row) => (
                        <Row key={`${event.what} ${event.run} ${event.part}`} event={event} y={TOP + row * ROW + ROW / 2} />
                    ))}
                </svg>
                <ol className="unseen">
                    {place.events.map((event) => (
                        <li key={`${event.what} ${event.run} ${event.part}`}>
                            {event.label}: {event.part} {WHAT[event.what]} {event.to_s === null ? 'never' : `after ${event.from_s === event.to_s ? '' : `${event.from_s} to `}${event.to_s} s`}
                        </li>
                    ))}
                </ol>
            </div>
            <p className="quiet">Cold copper, full batteries. Insulation by ICEA P-32-382 and what the air takes away, from what the wire is warmed to anyway; copper by Onderdonk, as if no heat left it; fuse curves by family; all from memory.</p>
        </Stack>
    );
}

/** A fuse is a bar, for no two of a batch are alike; a wire has one moment. */
function Row({ event, y }: { event: Event; y: number }) {
    const from = event.from_s === null ? LAST : Math.log10(event.from_s);
    const to = event.to_s === null ? LAST : Math.log10(event.to_s);
    return (
        <g>
            <text x={LEFT - 14} y={y + 5} textAnchor="end" className={lines.words} fontSize="13">
                {event.part} {WHAT[event.what]}
            </text>
            {event.what === 'opens' ? (
                <rect x={x(from)} y={y - 7} width={Math.max(3, x(to) - x(from))} height={14} className={`${event.to_s === null ? lines.line : lines.solid} ${lines.hand}`} strokeDasharray="4 3" />
            ) : event.to_s !== null ? (
                <path d={event.what === 'insulation' ? 'M0 -8L8 0 0 8-8 0z' : 'M-7 -7H7V7H-7z'} transform={`translate(${x(to)} ${y})`} className={`${lines.solid} ${event.what === 'insulation' ? lines.decide : lines.stop}`} />
            ) : null}
        </g>
    );
}

function x(decade: number): number {
    return LEFT + ((Math.min(LAST, Math.max(FIRST, decade)) - FIRST) / (LAST - FIRST)) * (WIDTH - LEFT - RIGHT);
}
