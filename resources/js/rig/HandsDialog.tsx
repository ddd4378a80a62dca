import { Button, Stack, TextInput } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { Hands, PlannedJob } from '../api/types';
import { Dialog } from '../look/Dialog';

/** The phone goes into another hand, by four digits; and one's own digits are set. */
export function HandsDialog({ job, waiting, onClose }: { job: PlannedJob; waiting: number; onClose: () => void }) {
    const queries = useQueryClient();
    const hands = useQuery({ queryKey: ['hands', job.id], queryFn: () => ask<Hands>(`jobs/${job.id}/hands`) });
    const [person, setPerson] = useState<number | null>(null);
    const [code, setCode] = useState('');
    const [own, setOwn] = useState({ code: '', password: '' });
    const taken = (answer: Hands) => {
        queries.setQueryData(['hands', job.id], answer);
        void queries.invalidateQueries({ queryKey: ['work', job.id] });
        onClose();
    };
    const take = useMutation({ mutationFn: () => ask<Hands>(`jobs/${job.id}/hands`, { method: 'POST', body: { person, code } }), onSuccess: taken, onError: () => setCode('') });
    const giveBack = useMutation({ mutationFn: () => ask<Hands>(`jobs/${job.id}/hands`, { method: 'DELETE' }), onSuccess: taken });
    const set = useMutation({
        mutationFn: () => ask('hands/code', { method: 'PUT', body: own }),
        onSuccess: () => {
            setOwn({ code: '', password: '' });
            void queries.invalidateQueries({ queryKey: ['hands', job.id] });
        },
    });
    const people = hands.data?.people ?? [];
    const you = people.find((one) => one.is_signed_in);
    const isElse = people.some((one) => one.is_hand && !one.is_signed_in);
    return (
        <Dialog opened onClose={onClose} title="Whose hand is it in?">
            {waiting > 0 && <p role="alert">{waiting} made here wait to be sent. Hand it over when they are kept.</p>}
            {[hands.error, take.error, giveBack.error, set.error].map((error, at) => error !== null && <p key={at} role="alert">{error.message}</p>)}
            <Stack gap={8} role="group" aria-label="Who takes it">
                {people.map((one) => (
                    <Button key={one.id} mih={48} justify="start" variant={one.id === person ? 'filled' : 'outline'} aria-pressed={one.id === person} disabled={!one.has_code || one.is_hand} onClick={() => setPerson(one.id)}>
                        {`${one.name}, ${one.role}${one.is_hand ? ': has it' : one.has_code ? '' : ': has no digits yet'}`}
                    </Button>
                ))}
            </Stack>
            <TextInput type="password" size="lg" mt={8} label="Four digits" inputMode="numeric" autoComplete="off" maxLength={4} value={code} onChange={(event) => setCode(event.currentTarget.value)} />
            <Button fullWidth mt={12} mih={56} disabled={person === null || code.length !== 4 || waiting > 0} loading={take.isPending} onClick={() => take.mutate()}>
                Take it
            </Button>
            {isElse && you !== undefined && (
                <Button fullWidth variant="outline" mt={8} mih={48} disabled={waiting > 0} onClick={() => giveBack.mutate()}>
                    Back to {you.name}
                </Button>
            )}
            <details style={{ marginBlockStart: 12 }}>
                <summary style={{ minHeight: 48 }}>Set your own four digits{you === undefined ? '' : `, ${you.name}`}</summary>
                <TextInput size="lg" label="New four digits" inputMode="numeric" autoComplete="off" maxLength={4} value={own.code} onChange={(event) => setOwn({ ...own, code: event.currentTarget.value })} />
                <TextInput type="password" size="lg" mt={8} label="Your password" autoComplete="current-password" value={own.password} onChange={(event) => setOwn({ ...own, password: event.currentTarget.value })} />
                <Button fullWidth mt={12} mih={48} variant="outline" disabled={own.code.length !== 4 || own.password === ''} loading={set.isPending} onClick={() => set.mutate()}>
                    Keep them
                </Button>
                <p role="status">{set.isSuccess ? 'Kept.' : ''}</p>
            </details>
        </Dialog>
    );
}
