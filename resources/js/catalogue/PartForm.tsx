import { Alert, Button, Group, NativeSelect, Stack, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import { CATALOGUE_KINDS } from '../api/forms';
import { catalogue } from '../api/queries';
import type { CataloguePart } from '../api/types';
import { FormFields } from '../inspector/FormFields';
import { useDraftPart } from '../inspector/holder';
import { useUnits } from '../units/units';

interface Props {
    /** that is changed, or copied where it has no id; undefined: a new one */
    part?: Omit<CataloguePart, 'id'> & { id?: number };
    onDone: () => void;
}

/** A part of the catalogue, filled in as a person types it; what is refused stays as it was typed. */
export function PartForm({ part, onDone }: Props) {
    const { system } = useUnits();
    const queries = useQueryClient();
    const [kind, setKind] = useState<string>(part?.kind ?? CATALOGUE_KINDS[0]?.[0] ?? '');
    const [name, setName] = useState(part?.name ?? '');
    const { price: known, ...figures } = (part?.figures ?? {}) as Record<string, unknown>;
    const [price, setPrice] = useState(typeof known === 'number' ? String(known) : '');
    const draft = useDraftPart(null, figures);
    const fields = CATALOGUE_KINDS.find(([one]) => one === kind)?.[2] ?? [];
    const keep = useMutation({
        mutationFn: () => {
            const body = { name, figures: { ...draft.part, ...(price.trim() === '' ? {} : { price }) } };
            return part?.id === undefined
                ? ask(`catalogue/parts?units=${system}`, { method: 'POST', body: { kind, ...body } })
                : ask(`catalogue/parts/${part.id}?units=${system}`, { method: 'PUT', body: { version: part.version, ...body } });
        },
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: catalogue.queryKey });
            onDone();
        },
    });
    return (
        <form
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <Stack gap={8}>
            {keep.error !== null && (
                <Alert color="brick" variant="outline" role="alert">
                    {keep.error.message}
                </Alert>
            )}
            {part?.id === undefined && (
                <NativeSelect label="Kind of part" size="xs" value={kind} onChange={(event) => setKind(event.currentTarget.value)} data={CATALOGUE_KINDS.map(([value, label]) => ({ value, label }))} />
            )}
            <TextInput data-autofocus label="Name in the catalogue" size="xs" required value={name} onChange={(event) => setName(event.currentTarget.value)} />
            <TextInput label="Price" description={kind === 'wire' ? 'of a metre of one conductor' : undefined} size="xs" inputMode="decimal" value={price} onChange={(event) => setPrice(event.currentTarget.value)} />
            <FormFields fields={fields} holder={draft} onSelect={() => undefined} />
            <Group gap={8}>
                <Button type="submit" loading={keep.isPending}>
                    Keep it
                </Button>
                <Button variant="outline" onClick={onDone}>
                    Leave it
                </Button>
            </Group>
            </Stack>
        </form>
    );
}
