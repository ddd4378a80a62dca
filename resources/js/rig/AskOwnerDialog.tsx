import { Button, CopyButton, NumberInput, Textarea, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import { newId } from '../api/newId';
import type { PlannedJob, Question, RigStep } from '../api/types';
import { Dialog } from '../look/Dialog';

/** What nobody agreed on: the owner is asked by a link; this step waits for the answer, and no other. */
export function AskOwnerDialog({ job, step, words: said, picture, onClose }: { job: PlannedJob; step: RigStep; words: string; picture: string | null; onClose: () => void }) {
    const queries = useQueryClient();
    const [id] = useState(newId);
    const [words, setWords] = useState(said);
    const [price, setPrice] = useState<number | string>('');
    const [days, setDays] = useState<number | string>(0);
    const asking = useMutation({
        mutationFn: () => ask<{ question: Question; link: string }>(`jobs/${job.id}/questions`, { method: 'POST', body: { id, step: step.id, words, price: price === '' ? null : Number(price), delay_days: Number(days), picture } }),
        onSuccess: () => void queries.invalidateQueries({ queryKey: ['work', job.id] }),
    });
    const link = asking.data?.link;
    return (
        <Dialog opened onClose={onClose} title="Ask the owner">
            {link === undefined ? (
                <>
                    <Textarea size="lg" label="What is asked" rows={3} maxLength={1000} data-autofocus value={words} onChange={(event) => setWords(event.currentTarget.value)} />
                    <NumberInput size="lg" mt={8} label="It costs" min={0} decimalScale={2} value={price} onChange={setPrice} />
                    <NumberInput size="lg" mt={8} label="Days later" min={0} max={365} allowDecimal={false} value={days} onChange={setDays} />
                    {picture !== null && <p>With the last photograph of this place.</p>}
                    <p role="alert">{asking.error?.message}</p>
                    <Button fullWidth mih={56} disabled={words.trim().length < 4} loading={asking.isPending} onClick={() => asking.mutate()}>
                        Make the link
                    </Button>
                </>
            ) : (
                <>
                    <p>Send this to {job.customer}. It shows this question alone, and ends in a week. Until it is answered this step waits.</p>
                    <TextInput size="lg" label="Link" readOnly value={link} onFocus={(event) => event.currentTarget.select()} />
                    <CopyButton value={link}>
                        {({ copied, copy }) => (
                            <Button fullWidth mt={12} mih={56} onClick={copy}>
                                {copied ? 'Copied' : 'Copy it'}
                            </Button>
                        )}
                    </CopyButton>
                </>
            )}
        </Dialog>
    );
}
