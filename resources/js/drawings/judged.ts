import type { Finding } from '../api/types';
import lines from './lines.module.css';

/** The tone of what something speaks against. */
export function toneOf(worst: Finding['level'] | null): string {
    return (worst === 'stop' ? lines.stop : worst === 'warn' ? lines.decide : undefined) ?? '';
}

/** A box as the worst that speaks against it has it. */
export function judged(worst: Finding['level'] | null) {
    return {
        className: `${lines.box} ${toneOf(worst)}`,
        strokeWidth: worst === 'stop' ? 3 : worst === 'warn' ? 2.2 : 1.2,
    };
}
