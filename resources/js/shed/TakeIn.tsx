import { Button, FileInput, NativeSelect, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router-dom';

import { ask } from '../api/client';
import { shed } from '../api/queries';
import { newId } from '../api/newId';
import type { Bay, Job } from '../api/types';
import { Dialog } from '../look/Dialog';
import { choicesOf } from '../api/forms';
import { useUnits } from '../units/units';

/** A new work order: from a plan file, or for a boat of which nothing is planned yet. */
export function TakeIn({ opened, onClose, boats, begun = null }: { opened: boolean; onClose: () => void; /** those that are in: a new one may be like one of them */ boats: Bay[]; /** the one that is meant from the first */ begun?: number | null }) {
    const [customer, setCustomer] = useState('');
    const [title, setTitle] = useState('');
    const [promised, setPromised] = useState('');
    const [file, setFile] = useState<File | null>(null);
    const [boat, setBoat] = useState('');
    const [hull, setHull] = useState('');
    const [like, setLike] = useState(begun === null ? '' : String(begun));
    const { system } = useUnits();
    const navigate = useNavigate();
    const queries = useQueryClient();
    // The same form sent again, because its answer was lost, takes the boat in once.
    const sent = useRef({ form: '', id: '' });
    const takeIn = useMutation({
        mutationFn: async () => {
            const of = file !== null ? { plan: await file.text() } : like !== '' ? { boat, like: Number(like) } : { boat, hull: hull === '' ? null : hull, units: system };
            const body = { customer, title, promised_on: promised === '' ? null : promised, ...of };
            const form = JSON.stringify(body);
            if (sent.current.form !== form) {
                sent.current = { form, id: newId() };
            }
            return ask<Job>('jobs', { method: 'POST', body, change: sent.current.id });
        },
        onSuccess: (job) => {
            void queries.invalidateQueries({ queryKey: shed.queryKey });
            void navigate(`/jobs/${job.id}/${job.stage ?? 'survey'}`);
        },
    });
    return (
        <Dialog opened={opened} onClose={onClose} title="Take a boat in">
            <form
                noValidate
                style={{ display: 'grid', gap: 12 }}
                onSubmit={(event) => {
                    event.preventDefault();
                    takeIn.mutate();
                }}
            >
                <TextInput label="Customer" value={customer} onChange={(event) => setCustomer(event.currentTarget.value)} data-autofocus required />
                <TextInput label="What is to be done" value={title} onChange={(event) => setTitle(event.currentTarget.value)} required />
                <TextInput label="Promised day" type="date" value={promised} onChange={(event) => setPromised(event.currentTarget.value)} />
                <FileInput label="Plan file" description="none: the boat begins with an empty plan" placeholder="choose a .json file" accept="application/json,.json" value={file} onChange={setFile} clearable />
                {file === null && (
                    <>
                        <TextInput label="Boat" value={boat} onChange={(event) => setBoat(event.currentTarget.value)} required />
                        <NativeSelect
                            label="Like another boat"
                            description="with her plan, without what was found or read aboard"
                            value={like}
                            onChange={(event) => setLike(event.currentTarget.value)}
                            data={[{ value: '', label: 'none: an empty plan' }, ...boats.filter((one) => one.stage !== null).map((one) => ({ value: String(one.id), label: `${one.boat.name}, ${one.customer}` }))]}
                        />
                        {like === '' && <NativeSelect label="Hull" value={hull} onChange={(event) => setHull(event.currentTarget.value)} data={[{ value: '', label: 'not known yet' }, ...choicesOf('plan.boat.hull').map(([value, label]) => ({ value, label }))]} />}
                    </>
                )}
                <p role="alert" style={{ color: 'var(--brick)', margin: 0 }}>
                    {takeIn.error?.message}
                </p>
                <Button type="submit" loading={takeIn.isPending}>
                    Take in
                </Button>
            </form>
        </Dialog>
    );
}
