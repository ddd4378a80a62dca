import { Drawer, Modal } from '@mantine/core';
import type { ReactNode } from 'react';

import classes from './DialogWindow.module.css';
import { useNarrow } from './useNarrow';

/** The window of a dialog; on a phone a sheet from below, within reach of the thumb. Its title is a heading, not a second banner of the page. */
export function DialogWindow({ opened, onClose, title, children }: { opened: boolean; onClose: () => void; title: string; children: ReactNode }) {
    const shared = { opened, onClose, transitionProps: { duration: 0 } };
    return useNarrow() ? (
        <Drawer.Root {...shared} position="bottom">
            <Drawer.Overlay />
            <Drawer.Content h="auto" mah="92%" className={classes.below}>
                <Drawer.Body>
                    <div className={classes.head}>
                        <Drawer.Title>{title}</Drawer.Title>
                        <Drawer.CloseButton aria-label="Close" size={48} />
                    </div>
                    {children}
                </Drawer.Body>
            </Drawer.Content>
        </Drawer.Root>
    ) : (
        <Modal.Root {...shared}>
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
