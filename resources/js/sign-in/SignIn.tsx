import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';

import { ask } from '../api/client';
import type { Person } from '../api/types';
import classes from './SignIn.module.css';

export function SignIn() {
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    const queries = useQueryClient();
    const navigate = useNavigate();
    const signIn = useMutation({
        mutationFn: () => ask<Person>('session', { method: 'POST', body: { email, password } }),
        onSuccess: (person) => {
            queries.setQueryData(['session'], person);
            void navigate('/');
        },
    });

    return (
        <main className={classes.page}>
            <svg className={classes.boat} viewBox="0 0 420 180" aria-hidden="true">
                <path d="M20 90 C20 40 60 24 150 24 C270 24 360 50 402 90 C360 130 270 156 150 156 C60 156 20 140 20 90 Z" />
                <path d="M44 90 C44 56 78 42 150 42 C250 42 326 62 366 90 C326 118 250 138 150 138 C78 138 44 124 44 90 Z" />
                <rect x="58" y="62" width="34" height="24" />
                <rect x="58" y="94" width="34" height="24" />
                <path className={classes.copper} d="M92 74 C160 30 260 40 340 84" />
                <path className={classes.charcoal} d="M92 106 C160 150 260 140 340 96" />
                <circle cx="344" cy="90" r="8" />
            </svg>
            <form
                className={classes.form}
                onSubmit={(event) => {
                    event.preventDefault();
                    signIn.mutate();
                }}
                noValidate
            >
                <h1 className={classes.title}>Dinghy</h1>
                <p className={classes.lead}>Power for small boats: planned, sized and written down.</p>
                <TextInput label="E-mail" type="email" autoComplete="username" size="md" value={email} onChange={(event) => setEmail(event.currentTarget.value)} required autoFocus />
                <PasswordInput label="Password" autoComplete="current-password" size="md" value={password} onChange={(event) => setPassword(event.currentTarget.value)} required />
                <p role="alert" className={classes.refusal}>
                    {signIn.error?.message}
                </p>
                <Button type="submit" size="md" loading={signIn.isPending}>
                    Sign in
                </Button>
            </form>
        </main>
    );
}
