import { useMediaQuery } from '@mantine/hooks';

/** A phone or a tablet held upright: what is drawn is turned, or told as a list. Keys that come up on the glass do not lay a phone down. */
export function useUpright(): boolean {
    return useMediaQuery('(max-width: 700px), (max-width: 900px) and (orientation: portrait)', false, { getInitialValueInEffect: false });
}

/** Below the desk: the page scrolls, and what stands beside the drawing comes up from below. */
export function useNarrow(): boolean {
    return useMediaQuery('(max-width: 1100px), (max-height: 640px)', false, { getInitialValueInEffect: false });
}
