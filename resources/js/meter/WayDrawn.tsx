import type { MeteredPath, Passport } from '../api/types';
import lines from '../drawings/lines.module.css';

const WIDTH = 760;
const LEFT = 20;
const RIGHT = 20;
/** px of a stretch at the least: a breaker has a milliohm and must be seen */
const LEAST = 90;
const PLANNED = 92;
const LATEST = 162;
/** px that a name needs: nearer to the left it is written to the right of its point */
const NAME = 280;

/** Along the way, each stretch as wide as its milliohms: as planned above, as it was read last below. */
export function WayDrawn({ path, passport }: { path: MeteredPath; passport: Passport | undefined }) {
    const room = WIDTH - LEFT - RIGHT - LEAST * path.expected_mohm.length;
    const most = Math.max(
        path.expected_mohm.reduce((sum, one) => sum + one, 0),
        passport?.stretches.reduce((sum, one) => sum + one.latest_mohm, 0) ?? 0,
    );
    const wide = (mohm: number) => LEAST + (room * Math.max(0, mohm)) / most;
    const planned = path.expected_mohm.reduce<{ x: number; width: number; mohm: number }[]>((all, mohm) => [...all, { x: all.reduce((sum, one) => sum + one.width, LEFT), width: wide(mohm), mohm }], []);
    const latest = (passport?.stretches ?? []).reduce<{ x: number; width: number; mohm: number; isMore: boolean }[]>((all, one) => [...all, { x: all.reduce((sum, other) => sum + other.width, LEFT), width: wide(one.latest_mohm), mohm: one.latest_mohm, isMore: one.drift_mohm !== null || one.excess_mohm !== null }], []);
    const names = planned.map((one, at) => ({ x: one.x + one.width, says: path.points[at + 1]?.says ?? '' }));
    return (
        <svg viewBox={`0 0 ${WIDTH} 206`} className={lines.whole} role="img" aria-label={`The way to ${path.label}: ${planned.length === 0 ? 'not known what is' : `${path.expected_mohm.map((one) => one.toFixed(1)).join(', ')} mΩ`} planned`}>
            <text x={LEFT} y={18} fontSize="15" className={lines.text}>
                {path.points[0]?.says}
            </text>
            {names.map((name, at) => (
                <g key={name.says}>
                    <path d={`M ${name.x} ${at % 2 === 0 ? 44 : 64} V ${PLANNED - 14}`} className={`${lines.line} ${lines.hair}`} />
                    <text x={name.x} y={at % 2 === 0 ? 40 : 60} fontSize="14" textAnchor={name.x < NAME ? 'start' : 'end'} className={lines.text}>
                        {name.says}
                    </text>
                </g>
            ))}
            {planned.map((one) => (
                <g key={one.x}>
                    <rect x={one.x} y={PLANNED - 14} width={one.width} height="28" className={`${lines.box} ${lines.copper}`} strokeWidth="2" />
                    <text x={one.x + one.width / 2} y={PLANNED + 5} fontSize="15" textAnchor="middle" className={lines.text}>
                        {one.mohm.toFixed(1)} mΩ
                    </text>
                </g>
            ))}
            <text x={LEFT} y={PLANNED + 32} fontSize="13" className={lines.text}>
                {planned.length === 0 ? 'planned: not known, the circuit of the plan has no solution' : 'planned, at 20 °C'}
            </text>
            {latest.map((one) => (
                <g key={one.x}>
                    <rect x={one.x} y={LATEST - 14} width={one.width} height="28" className={lines.box} strokeWidth={one.isMore ? 4 : 2} />
                    <text x={one.x + one.width / 2} y={LATEST + 5} fontSize="15" textAnchor="middle" className={lines.text}>
                        {one.isMore ? '⬣ ' : ''}
                        {one.mohm.toFixed(1)} mΩ
                    </text>
                </g>
            ))}
            <text x={LEFT} y={LATEST + 32} fontSize="13" className={lines.text}>
                {latest.length === 0 ? 'not read yet' : 'read last, carried to 20 °C'}
            </text>
        </svg>
    );
}
