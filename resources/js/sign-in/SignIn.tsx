import { Text, Title } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useLocation, useNavigate } from 'react-router-dom';

import classes from './SignIn.module.css';
import { SignInForm } from './SignInForm';

/** Whether an address within Dinghy was asked for before. */
function comesFrom(from: unknown): from is string {
    return typeof from === 'string' && from.startsWith('/');
}

/** Whoever asked for a boat gets to that boat. */
export function SignIn() {
    useDocumentTitle('Sign in · Dinghy');
    const navigate = useNavigate();
    const from: unknown = useLocation().state;

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
            <div className={classes.form}>
                <Title order={1} size={44} lh={1}>
                    Dinghy
                </Title>
                <Text mt={8} mb={20} c="var(--ink-soft)">
                    Power for small boats: planned, sized and written down.
                </Text>
                <SignInForm onDone={() => void navigate(comesFrom(from) ? from : '/', { replace: true })} />
            </div>
        </main>
    );
}
