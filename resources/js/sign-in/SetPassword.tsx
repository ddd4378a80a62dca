import { Button, PasswordInput, Text, Title } from '@mantine/core';
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
                <Title order={1} size={44} lh={1}>
                    Dinghy
                </Title>
                <Text mt={8} mb={20} c="var(--ink-soft)">
                    Choose the password that you will sign in with.
                </Text>
                <form
                    className={classes.fields}
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        set.mutate();
                    }}
                >
                    <PasswordInput label="Password" description="10 letters or more" autoComplete="new-password" size="md" value={password} onChange={(event) => setPassword(event.currentTarget.value)} autoFocus required />
                    <Text role="alert" mih="1.4em" c="brick">
                        {set.error?.message}
                    </Text>
                    <Button type="submit" size="md" loading={set.isPending}>
                        Keep it
                    </Button>
                </form>
            </div>
        </main>
    );
}
