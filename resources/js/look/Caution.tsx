import { Alert } from '@mantine/core';
import type { ReactNode } from 'react';

/** A warning where the hand is: work that can hurt somebody. It stands there; nothing has happened. */
export function Caution({ children }: { children: ReactNode }) {
    return (
        <Alert role="note" color="ochre" variant="light" mb={8} maw="100%" style={{ flexShrink: 0 }}>
            {children}
        </Alert>
    );
}
