import { useMediaQuery } from '@mantine/hooks';

/** A phone or a tablet held upright: what is drawn is turned, or told as a list. Keys that come up on the glass do not lay a phone down. */
export function useUpright(): boolean {
    return useMediaQuery('(max-width: 43.75em), (max-width: 56.25em) and (orientation: portrait)', false, { getInitialValueInEffect: false });
}

/** Below the desk: the page scrolls, and what stands beside the drawing comes up from below. */
export function useNarrow(): boolean {
    return useMediaQuery('(max-width: 68.75em), (max-height: 40em)', false, { getInitialValueInEffect: false });
}
