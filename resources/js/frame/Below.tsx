import { Drawer } from '@mantine/core';
import type { ReactNode } from 'react';

interface Props {
    /** what it shows, for who cannot see it */
    label: string;
    opened: boolean;
    onClose: () => void;
    /** as high as what it shows, or most of the glass */
    isWhole?: boolean;
    children: ReactNode;
}

/** A sheet from below, within reach of the hand that holds the phone. */
export function Below({ label, opened, onClose, isWhole = false, children }: Props) {
    return (
        <Drawer.Root opened={opened} onClose={onClose} position="bottom" size="80%" transitionProps={{ duration: 0 }}>
            <Drawer.Overlay />
            <Drawer.Content aria-label={label} bg="var(--raised)" h={isWhole ? 'auto' : undefined} mah="92%">
                <Drawer.Body p={0}>{children}</Drawer.Body>
            </Drawer.Content>
        </Drawer.Root>
    );
}
