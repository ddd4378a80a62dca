import { Button, PasswordInput } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router-dom';

import { ask } from '../api/client';
import classes from './SignIn.module.css';

/** The first password of a person, by a link that holds once. What is secret in it stands after #: no server is sent it. */
export function SetPassword() {
    useDocumentTitle('A password of your own · Dinghy');
    const token = useLocation().hash.slice(1);
    const navigate = useNavigate();
    const [password, setPassword] = useState('');
    const set = useMutation({ mutationFn: () => ask('password-links', { method: 'POST', body: { token, password } }), onSuccess: () => void navigate('/sign-in', { replace: true }) });
    return (
        <main className={classes.page}>
            <div className={classes.form}>
                <h1 className={classes.title}>Dinghy</h1>
                <p className={classes.lead}>Choose the password that you will sign in with.</p>
                <form
                    className={classes.fields}
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        set.mutate();
                    }}
                >
                    <PasswordInput label="Password" description="10 letters or more" autoComplete="new-password" size="md" value={password} onChange={(event) => setPassword(event.currentTarget.value)} autoFocus required />
                    <p role="alert" className={classes.refusal}>
                        {set.error?.message}
                    </p>
                    <Button type="submit" size="md" loading={set.isPending}>
                        Keep it
                    </Button>
                </form>
            </div>
        </main>
    );
}
