import { Modal } from '@mantine/core';
import type { ReactNode } from 'react';

import classes from './DialogWindow.module.css';

/** The window of a dialog. Its title is a heading, not a second banner of the page. */
export function DialogWindow({ opened, onClose, title, children }: { opened: boolean; onClose: () => void; title: string; children: ReactNode }) {
    return (
        <Modal.Root opened={opened} onClose={onClose} transitionProps={{ duration: 0 }}>
            <Modal.Overlay />
            <Modal.Content>
                <Modal.Body>
                    <div className={classes.head}>
                        <Modal.Title>{title}</Modal.Title>
                        <Modal.CloseButton aria-label="Close" />
                    </div>
                    {children}
                </Modal.Body>
            </Modal.Content>
        </Modal.Root>
    );
}
