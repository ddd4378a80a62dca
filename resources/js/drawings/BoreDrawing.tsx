import type { Layout } from '../api/types';
import lines from './lines.module.css';

type Bore = NonNullable<Layout['ways'][number]['bore']>;

/** A tube cut across, to scale, with the cables that lie in it. */
export function BoreDrawing({ bore, label, run }: { bore: Bore; label: string; run: string }) {
    const r = bore.diameter_mm / 2;
    const room = Math.max(r * 1.15, ...bore.cables.map((cable) => Math.hypot(cable.x_mm, cable.y_mm) + cable.diameter_mm / 2));
    return (
        <svg viewBox={`${-room} ${-room} ${2 * room} ${2 * room}`} width="150" height="150" style={{ flex: 'none' }} role="img" aria-label={`${label}: ${bore.cables.length} cables in ${bore.diameter_mm} mm, ${bore.fill_pct.toFixed(0)} % full`}>
            <circle r={r * 1.06} className={`${lines.solid} ${lines.soft}`} />
            <circle r={r} fill={bore.too_full ? 'var(--straw)' : 'var(--sheet)'} data-full={bore.too_full || undefined} />
            {bore.cables.map((cable, at) => (
                <g key={at}>
                    <circle cx={cable.x_mm} cy={-cable.y_mm} r={cable.diameter_mm / 2} fill={cable.run === null ? 'var(--ink-soft)' : cable.run === run ? 'var(--slate)' : 'var(--charcoal)'} stroke="var(--sheet)" strokeWidth="0.3" data-old={cable.run === null || undefined} data-lit={(cable.run !== null && cable.run === run) || undefined} />
                    <circle cx={cable.x_mm} cy={-cable.y_mm} r={cable.diameter_mm / 4} className={`${lines.solid} ${lines.copper}`} />
                </g>
            ))}
        </svg>
    );
}
