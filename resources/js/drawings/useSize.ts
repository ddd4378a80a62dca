import { type RefObject, useEffect, useState } from 'react';

/** The pixels that an element has on the screen, as they change. */
export function useSize(element: RefObject<Element | null>, before: { width: number; height: number }) {
    const [size, setSize] = useState(before);
    useEffect(() => {
        const seen = element.current;
        if (seen === null) {
            return;
        }
        const watch = new ResizeObserver(([entry]) => {
            if (entry !== undefined && entry.contentRect.width > 0 && entry.contentRect.height > 0) {
                setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
            }
        });
        watch.observe(seen);
        return () => watch.disconnect();
    }, [element]);
    return size;
}
