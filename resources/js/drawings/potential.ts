/** Volts at which a tint of its own stands among the page's colours: --volts-13 and so on. */
const RAMP = [0, 13, 26, 39, 60] as const;

/** Equal volts, equal tint: straw at 0 V to deep copper at a full 48 V bank, the same in every drawing. */
export function potentialTint(volts: number | null): string {
    const v = Math.min(RAMP[4], Math.max(RAMP[0], volts ?? 0));
    const above = RAMP.findIndex((tint) => tint >= v);
    const [low, high] = [RAMP[above - 1], RAMP[above]];
    return low === undefined ? 'var(--volts-0)' : `color-mix(in srgb, var(--volts-${high}) ${Math.round((100 * (v - low)) / ((high ?? v) - low))}%, var(--volts-${low}))`;
}

/** Stroke width for a conductor: its drawn width goes with its diameter, so that its drawn area goes with its copper. */
export function copperWidth(areaMm2: number): number {
    return Math.max(1.2, Math.sqrt(areaMm2) * 1.9);
}
