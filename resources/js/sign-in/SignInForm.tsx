import { Button, PasswordInput, Text, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import { othersAnswered } from '../api/patient';
import { session, shopSettings } from '../api/queries';
import type { Person } from '../api/types';
import classes from './SignIn.module.css';

/** Who one is, and how it is proved. */
export function SignInForm({ onDone }: { onDone: () => void }) {
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    const queries = useQueryClient();
    const signIn = useMutation({
        mutationFn: async () => {
            await othersAnswered();
            return ask<Person>('session', { method: 'POST', body: { email, password } });
        },
        onSuccess: (person) => {
            queries.setQueryData(session.queryKey, person);
            // What was refused to a guest is asked again: money and days as this shop writes them.
            void queries.invalidateQueries({ queryKey: shopSettings.queryKey });
            onDone();
        },
    });
    return (
        <form
            className={classes.fields}
            onSubmit={(event) => {
                event.preventDefault();
                signIn.mutate();
            }}
            noValidate
        >
            <TextInput label="E-mail" type="email" autoComplete="username" size="md" value={email} onChange={(event) => setEmail(event.currentTarget.value)} required data-autofocus autoFocus />
            <PasswordInput label="Password" autoComplete="current-password" size="md" value={password} onChange={(event) => setPassword(event.currentTarget.value)} required />
            <Text role="alert" mih="1.4em" c="brick">
                {signIn.error?.message}
            </Text>
            <Button type="submit" size="md" loading={signIn.isPending}>
                Sign in
            </Button>
        </form>
    );
}
