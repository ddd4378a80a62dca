import { lazy, type ReactNode, Suspense, useState } from 'react';

/** The window: a script that no first page waits for. */
export const dialogWindow = async () => ({ default: (await import('./DialogWindow')).DialogWindow });
const DialogWindow = lazy(dialogWindow);

/** What is asked in front of the page. */
export function Dialog(props: { opened: boolean; onClose: () => void; title: string; children: ReactNode }) {
    // Once open it stays, closed, to give the focus back.
    const [wasOpened, setOpened] = useState(props.opened);
    if (props.opened && !wasOpened) {
        setOpened(true);
    }
    return wasOpened ? (
        <Suspense fallback={null}>
            <DialogWindow {...props} />
        </Suspense>
    ) : null;
}
