import { Button, PasswordInput, Text } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import { Dialog } from '../look/Dialog';
import classes from '../sign-in/SignIn.module.css';

/** One's own password: every other sign-in of one's own ends with the old one. */
export function NewPassword({ onClose }: { onClose: () => void }) {
    const [current, setCurrent] = useState('');
    const [password, setPassword] = useState('');
    const change = useMutation({ mutationFn: () => ask('password', { method: 'PUT', body: { current, password } }) });
    return (
        <Dialog opened onClose={onClose} title="Your password">
            {change.isSuccess ? (
                <>
                    <p role="status">Your new password holds from now on. Everywhere else you are signed out.</p>
                    <Button onClick={onClose}>Good</Button>
                </>
            ) : (
                <form
                    className={classes.fields}
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        change.mutate();
                    }}
                >
                    <PasswordInput label="Present password" autoComplete="current-password" value={current} onChange={(event) => setCurrent(event.currentTarget.value)} data-autofocus required />
                    <PasswordInput label="New password" description="10 letters or more" autoComplete="new-password" value={password} onChange={(event) => setPassword(event.currentTarget.value)} required />
                    <Text role="alert" mih="1.4em" c="brick">
                        {change.error?.message}
                    </Text>
                    <Button type="submit" loading={change.isPending}>
                        Change it
                    </Button>
                </form>
            )}
        </Dialog>
    );
}
