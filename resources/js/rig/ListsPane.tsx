import { Button, Group, SegmentedControl, Table, TextInput } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { Functions, FunctionState, PlannedJob } from '../api/types';
import { Dialog } from '../look/Dialog';
import { HeadRow } from '../look/HeadRow';
import { type Strokes, SignaturePad, Written } from './SignaturePad';

type Moment = Functions['signatures'][number]['moment'];

/** What most boats have that can be tried before anything is touched [common practice, no source]. */
const USUAL = ['Engine starts', 'Navigation lights', 'Bilge pump', 'Horn', 'Radio', 'Screen', 'Motor on the bow', 'Lift or trim'];

const STATES: { value: NonNullable<FunctionState>; label: string }[] = [
    { value: 'works', label: 'works' },
    { value: 'does-not', label: 'does not' },
    { value: 'not-tried', label: 'not tried' },
];

/** What worked when she came, and what works when she leaves; both signed by her owner. */
export function ListsPane({ job }: { job: PlannedJob }) {
    const queries = useQueryClient();
    const key = ['functions', job.id];
    const functions = useQuery({ queryKey: key, queryFn: () => ask<Functions>(`jobs/${job.id}/functions`) });
    const [name, setName] = useState('');
    const [signing, setSigning] = useState<Moment | null>(null);
    const taken = (answer: Functions) => {
        queries.setQueryData(key, answer);
        void queries.invalidateQueries({ queryKey: ['work', job.id] });
    };
    const say = useMutation({
        mutationFn: (body: { name: string; moment: Moment; state: FunctionState; version: number }) => ask<Functions>(`jobs/${job.id}/functions`, { method: 'PUT', body }),
        onSuccess: taken,
        onError: () => void functions.refetch(),
    });
    const known = functions.data?.functions ?? [];
    const usual = USUAL.filter((one) => !known.some((other) => other.name.toLowerCase() === one.toLowerCase()));
    const add = (one: string) => {
        say.mutate({ name: one, moment: 'coming', state: 'not-tried', version: 0 });
        setName('');
    };
    return (
        <>
            {[functions.error, say.error].map((error, at) => error !== null && <p key={at} role="alert">{error.message}</p>)}
            <p>Before anything is touched: what works, what does not, what was not tried. The owner signs it, and the same list when she leaves.</p>
            {known.length > 0 && (
                <Table>
                    <HeadRow heads={['What', 'When she came', 'When she leaves']} />
                    <Table.Tbody>
                        {known.map((one) => (
                            <Table.Tr key={one.name} data-function={one.name}>
                                <Table.Td>{one.name}</Table.Td>
                                {(['coming', 'leaving'] as const).map((moment) => (
                                    <Table.Td key={moment}>
                                        <SegmentedControl
                                            size="xs"
                                            aria-label={`${one.name}, when she ${moment === 'coming' ? 'came' : 'leaves'}`}
                                            data={[...STATES, ...(one[moment] === null ? [{ value: '', label: '–' }] : [])]}
                                            value={one[moment] ?? ''}
                                            transitionDuration={0}
                                            onChange={(state) => say.mutate({ name: one.name, moment, state: state === '' ? null : (state as FunctionState), version: one.version })}
                                        />
                                    </Table.Td>
                                ))}
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            )}
            <Group gap={8} my={8} align="end">
                <TextInput label="Another function" maxLength={60} value={name} onChange={(event) => setName(event.currentTarget.value)} onKeyDown={(event) => event.key === 'Enter' && name.trim() !== '' && add(name.trim())} />
                <Button variant="outline" disabled={name.trim() === ''} onClick={() => add(name.trim())}>
                    Add it
                </Button>
                {usual.map((one) => (
                    <Button key={one} variant="light" onClick={() => add(one)}>
                        + {one}
                    </Button>
                ))}
            </Group>
            <Group gap={16} align="start">
                {(['coming', 'leaving'] as const).map((moment) => {
                    const signature = functions.data?.signatures.find((one) => one.moment === moment);
                    return (
                        <section key={moment} aria-label={moment === 'coming' ? 'Signed when she came' : 'Signed when she leaves'}>
                            <Button disabled={known.length === 0} onClick={() => setSigning(moment)}>
                                {moment === 'coming' ? 'Sign how she came' : 'Sign how she leaves'}
                            </Button>
                            {signature !== undefined && (
                                <figure style={{ margin: '8px 0 0' }} data-signed={moment}>
                                    <svg viewBox="0 0 1 1" preserveAspectRatio="none" role="img" aria-label={`Signature of ${signature.name}`} style={{ width: 200, height: 60 }}>
                                        <Written strokes={signature.strokes} />
                                    </svg>
                                    <figcaption>
                                        {signature.name}, {new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(signature.signed_at))}
                                        {!signature.is_current && '. The list was changed since: it is to be signed again.'}
                                    </figcaption>
                                </figure>
                            )}
                        </section>
                    );
                })}
            </Group>
            {signing !== null && <SignatureDialog job={job} moment={signing} onClose={() => setSigning(null)} onSigned={taken} />}
        </>
    );
}

/** The owner signs the list as it stands. */
function SignatureDialog({ job, moment, onClose, onSigned }: { job: PlannedJob; moment: Moment; onClose: () => void; onSigned: (answer: Functions) => void }) {
    const [name, setName] = useState(job.customer);
    const [strokes, setStrokes] = useState<Strokes>([]);
    const sign = useMutation({
        mutationFn: () => ask<Functions>(`jobs/${job.id}/functions/signatures`, { method: 'POST', body: { moment, name, strokes } }),
        onSuccess: (answer) => {
            onSigned(answer);
            onClose();
        },
    });
    return (
        <Dialog opened onClose={onClose} title={moment === 'coming' ? 'How she came' : 'How she leaves'}>
            <p>With this I confirm the list of what works and what does not, as it stands.</p>
            <SignaturePad strokes={strokes} onStrokes={setStrokes} />
            <TextInput size="lg" mt={8} label="Name" maxLength={100} value={name} onChange={(event) => setName(event.currentTarget.value)} />
            <p role="alert">{sign.error?.message}</p>
            <Group gap={8} grow>
                <Button mih={56} variant="outline" disabled={strokes.length === 0} onClick={() => setStrokes([])}>
                    Again
                </Button>
                <Button mih={56} disabled={strokes.length === 0 || name.trim().length < 2} loading={sign.isPending} onClick={() => sign.mutate()}>
                    I sign
                </Button>
            </Group>
        </Dialog>
    );
}
