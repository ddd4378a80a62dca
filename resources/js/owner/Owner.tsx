import { Button, Group, Text, Textarea, Title } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation } from 'react-router-dom';

import { ask } from '../api/client';
import type { OwnerQuestion } from '../api/types';
import { written } from '../units/conventions';

/** What the owner of a boat is asked, by a link. What is secret in it stands after #: no server is sent it in an address. */
export function Owner() {
    useDocumentTitle('A question about your boat · Dinghy');
    const token = useLocation().hash.slice(1);
    const [words, setWords] = useState('');
    const question = useQuery({ queryKey: ['owner-question', token], queryFn: () => ask<OwnerQuestion>('owner-question', { method: 'POST', body: { token } }), retry: false });
    const answer = useMutation({ mutationFn: (yes: boolean) => ask<OwnerQuestion>('owner-question/answer', { method: 'POST', body: { token, answer: yes, words: words.trim() === '' ? null : words.trim() } }) });
    const asked = answer.data ?? question.data;
    if (asked === undefined) {
        return (
            <main style={{ maxWidth: 560, margin: '0 auto', padding: 20 }}>
                <Title order={1} size={28}>
                    A question about your boat
                </Title>
                {question.error === null ? <p>Fetching it…</p> : <p role="alert">{question.error.message}</p>}
            </main>
        );
    }
    const { money } = written({ currency: asked.currency, locale: undefined, dateForm: 'locale' });
    return (
        <main style={{ maxWidth: 560, margin: '0 auto', padding: 20, fontSize: '1.0625rem' }}>
            <Text c="var(--ink-soft)">
                {asked.by}, {asked.shop}
            </Text>
            <Title order={1} size={28} mb={12}>
                {asked.boat}
            </Title>
            {asked.picture !== null && <img src={asked.picture} alt="What it is about" style={{ width: '100%', borderRadius: 3 }} />}
            <p style={{ fontSize: '1.25rem', lineHeight: 1.35 }} data-figure="question">
                {asked.words}
            </p>
            <dl style={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: '4px 16px', fontSize: '1.25rem' }}>
                <dt>It costs</dt>
                <dd className="figure" style={{ margin: 0 }}>
                    {asked.price === null ? 'nothing more' : money(asked.price)}
                </dd>
                <dt>She is ready</dt>
                <dd style={{ margin: 0 }}>{asked.delay_days === 0 ? 'as promised' : `${asked.delay_days} ${asked.delay_days === 1 ? 'day' : 'days'} later`}</dd>
            </dl>
            <p role="alert">{answer.error?.message}</p>
            {asked.answer === null ? (
                <>
                    <Textarea size="lg" label="A word with it, if you like" rows={2} maxLength={1000} value={words} onChange={(event) => setWords(event.currentTarget.value)} />
                    <Group grow gap={12} mt={12}>
                        <Button mih={64} fz={20} variant="outline" loading={answer.isPending} onClick={() => answer.mutate(false)}>
                            No
                        </Button>
                        <Button mih={64} fz={20} loading={answer.isPending} onClick={() => answer.mutate(true)}>
                            Yes, do it
                        </Button>
                    </Group>
                </>
            ) : (
                <p role="status" data-figure="answered" style={{ fontSize: '1.25rem', fontWeight: 600 }}>
                    You said {asked.answer ? 'yes' : 'no'}. {asked.shop} has it.
                </p>
            )}
        </main>
    );
}
