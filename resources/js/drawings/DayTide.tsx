import type { DayRun, PlannedJob } from '../api/types';
import { CHARGE, PHASES } from './dayStripLayout';
import lines from './lines.module.css';

/** px between two strokes of a phase's hatching, at rest and at full thrust; and px that it is high */
const [WIDE, CLOSE, HIGH] = [16, 3, 7];

interface Props {
    job: PlannedJob;
    run: DayRun;
    x: (minutes: number) => number;
    y: (share: number) => number;
}

/** Behind the lines of the day: the charge that falls lowest as a tide above its floor, the way home as a band, thrust as hatching under the phases. */
export function DayTide({ job, run, x, y }: Props) {
    const lowest = [...run.batteries].sort((one, other) => one.soc_end - (one.floor ?? 0) - (other.soc_end - (other.floor ?? 0)))[0];
    const soc = lowest === undefined ? [] : [...(run.series.soc[lowest.id] ?? []), lowest.soc_end];
    const minutes = [...run.series.minutes, 60 * run.hours];
    const floor = lowest?.floor ?? 0;
    const tide = soc.map((share, at) => `${x(minutes[at] ?? 0).toFixed(1)} ${y(Math.max(share, floor)).toFixed(1)}`).join('L');
    const motors = (job.plan.devices ?? []).filter(({ kind }) => kind === 'motor').map(({ id }) => id);
    const planned = job.plan.trip?.phases ?? [];
    return (
        <g aria-hidden="true" pointerEvents="none">
            {soc.length > 1 && <path d={`M${x(0)} ${y(floor)}L${tide}L${x(60 * run.hours)} ${y(floor)}Z`} style={{ fill: 'var(--water)' }} data-tide={lowest?.id} />}
            {soc.length > 1 && floor > 0 && <path d={`M${x(0)} ${y(floor)}H${x(60 * run.hours)}`} className={`${lines.line} ${lines.decide}`} strokeWidth="1.5" strokeDasharray="2 4" />}
            {run.phases.map((phase, at) => {
                const [left, right] = [x(phase.at_min), x(phase.at_min + phase.minutes)];
                const thrust = Math.max(0, ...motors.map((id) => planned[at]?.on?.[id] ?? 0));
                const step = WIDE - (WIDE - CLOSE) * thrust;
                const strokes = thrust === 0 ? 0 : Math.max(0, Math.floor((right - left - HIGH) / step));
                return (
                    <g key={at}>
                        {phase.home && <rect x={left} y={CHARGE.top} width={Math.max(0, right - left)} height={CHARGE.height} className={lines.zone} style={{ stroke: 'none', fillOpacity: 0.35 }} />}
                        <path d={Array.from({ length: strokes }, (_, stroke) => `M${(left + 2 + stroke * step).toFixed(1)} ${PHASES.top + PHASES.height - 1}l${HIGH} -${HIGH}`).join('')} className={`${lines.line} ${lines.hand}`} strokeWidth="1.2" data-thrust={thrust} />
                    </g>
                );
            })}
        </g>
    );
}
