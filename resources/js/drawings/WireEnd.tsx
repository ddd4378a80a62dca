import type { KitEnd } from '../api/types';
import lines from './lines.module.css';

interface Props {
    kind: KitEnd['kind'];
    /** whether it is at the right of its wire */
    isLast: boolean;
    /** the hole goes over the stud */
    isRight: boolean;
}

const SIDE = 24;

/** How a wire ends, as it will lie on the bench: ring, butt, step-down, spade or bare strands. */
export function WireEnd({ kind, isLast, isRight }: Props) {
    return (
        <svg width={SIDE} height={SIDE} viewBox="0 0 24 24" aria-hidden style={{ flex: 'none', transform: isLast ? undefined : 'scaleX(-1)', color: isRight ? undefined : 'var(--brick)' }}>
            {kind === 'ring' && (
                <>
                    <rect className={lines.ground} x="0" y="8" width="9" height="8" strokeWidth="1.5" style={{ stroke: 'currentColor' }} />
                    <circle className={lines.box} cx="16" cy="12" r="7" strokeWidth="2.5" style={{ stroke: 'currentColor' }} />
                    <circle className={lines.solid} cx="16" cy="12" r="2.6" style={{ fill: 'currentColor' }} />
                </>
            )}
            {kind === 'butt' && <rect className={lines.ground} x="0" y="7" width="20" height="10" strokeWidth="1.5" style={{ stroke: 'currentColor' }} />}
            {kind === 'step-down' && <path className={lines.ground} d="M0 6h10l4 3h8v6h-8l-4 3H0z" strokeWidth="1.5" style={{ stroke: 'currentColor' }} />}
            {kind === 'spade' && <path className={lines.ground} d="M0 8h9l3-2h10v3H13v6h9v3H12l-3-2H0z" strokeWidth="1.5" style={{ stroke: 'currentColor' }} />}
            {kind === 'none' && <path className={lines.line} d="M0 9l9-2M0 12h10M0 15l9 2" strokeWidth="1.5" style={{ stroke: 'currentColor' }} />}
        </svg>
    );
}
