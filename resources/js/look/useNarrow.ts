import { useMediaQuery } from '@mantine/hooks';

/** Below the desk: the page scrolls, and what stands beside the drawing comes up from below. */
export function useNarrow(): boolean {
    return useMediaQuery('(max-width: 1100px), (max-height: 640px)', false, { getInitialValueInEffect: false });
}
