import type { KeyboardEvent } from 'react';

/** What a button of a drawing does, by pointer and by keys. */
export function pressed(act: () => void) {
    return {
        onClick: act,
        onKeyDown: (event: KeyboardEvent) => {
            if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                act();
            }
        },
    };
}
