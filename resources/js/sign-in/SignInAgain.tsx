import { useQueryClient } from '@tanstack/react-query';

import { Dialog } from '../look/Dialog';
import { SignInForm } from './SignInForm';

/** In front of the page as it is: what was typed and where one is stay. */
export function SignInAgain({ onDone, onClose }: { onDone: () => void; onClose: () => void }) {
    const queries = useQueryClient();
    return (
        <Dialog opened onClose={onClose} title="Your sign-in has ended">
            <p>Sign in again and go on where you are. What waits to be kept is sent then; what you typed stays.</p>
            <SignInForm
                onDone={() => {
                    void queries.invalidateQueries();
                    onDone();
                }}
            />
        </Dialog>
    );
}
