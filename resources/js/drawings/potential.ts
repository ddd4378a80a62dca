/** Equal volts, equal tint: straw at 0 V to deep copper at a full 48 V bank, the same in every drawing. */
const RAMP = [
    [0, 226, 205, 150],
    [13, 200, 164, 106],
    [26, 166, 110, 62],
    [39, 122, 56, 24],
    [60, 84, 34, 14],
] as const;

export function potentialTint(volts: number | null): string {
    const v = Math.min(60, Math.max(0, volts ?? 0));
    for (let i = 1; i < RAMP.length; i++) {
        const low = RAMP[i - 1];
        const high = RAMP[i];
        if (low !== undefined && high !== undefined && v <= high[0]) {
            const share = (v - low[0]) / (high[0] - low[0]);
            const mix = (at: 1 | 2 | 3) => Math.round(low[at] + share * (high[at] - low[at]));
            return `rgb(${mix(1)} ${mix(2)} ${mix(3)})`;
        }
    }
    return 'rgb(84 34 14)';
}

/** Stroke width for a conductor: its drawn width goes with its diameter, so that its drawn area goes with its copper. */
export function copperWidth(areaMm2: number): number {
    return Math.max(1.2, Math.sqrt(areaMm2) * 1.9);
}
