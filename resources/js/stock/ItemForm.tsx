import { Button, Group, NativeSelect, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type ComponentPropsWithoutRef, useState } from 'react';

import { ask } from '../api/client';
import { stock as asked } from '../api/queries';
import type { Stock, StockItem } from '../api/types';
import { Act } from '../look/Act';
import { length, useUnits } from '../units/units';
import { metresOf, numbered } from './typed';

/** One thing on the shelf: new, counted anew, priced anew; of a wire its lengths. */
export function ItemForm({ item, onDone }: { /** undefined: it is new */ item: StockItem | undefined; onDone: () => void }) {
    const queries = useQueryClient();
    const { system } = useUnits();
    const [name, setName] = useState('');
    const [unit, setUnit] = useState('pcs');
    const [count, setCount] = useState(item === undefined ? '' : String(item.on_hand));
    const [price, setPrice] = useState(item?.price?.toString() ?? '');
    const [days, setDays] = useState(item?.delivery_days?.toString() ?? '');
    const [metres, setMetres] = useState('');
    const seen = (stock: Stock) => queries.setQueryData(asked.queryKey, stock);
    const isWire = (item?.unit ?? unit) === 'm';
    const keep = useMutation({
        mutationFn: () =>
            ask<Stock>(item === undefined ? 'stock/items' : `stock/items/${item.id}`, {
                method: item === undefined ? 'POST' : 'PUT',
                body: {
                    ...(item === undefined ? { name, unit } : { version: item.version }),
                    ...(isWire || count === '' ? {} : { on_hand: numbered(count) }),
                    ...(price === (item?.price?.toString() ?? '') ? {} : { price: price === '' ? null : numbered(price) }),
                    delivery_days: days === '' ? null : numbered(days),
                },
            }),
        onSuccess: (stock) => {
            seen(stock);
            onDone();
        },
        onError: () => void queries.invalidateQueries({ queryKey: asked.queryKey, exact: true }),
    });
    const add = useMutation({
        mutationFn: () => ask<Stock>(`stock/items/${item?.id ?? 0}/lengths`, { method: 'POST', body: { metres: metresOf(metres, system) } }),
        onSuccess: (stock) => {
            seen(stock);
            setMetres('');
        },
    });
    const drop = useMutation({ mutationFn: (id: number) => ask<Stock>(`stock/items/${item?.id ?? 0}/lengths/${id}`, { method: 'DELETE' }), onSuccess: seen });
    const field = (label: string, value: string, set: (next: string) => void, more: Partial<ComponentPropsWithoutRef<typeof TextInput>> = {}) => (
        <TextInput label={label} size="sm" value={value} onChange={(event) => set(event.currentTarget.value)} {...more} />
    );
    const problem = keep.error ?? add.error ?? drop.error;
    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            {item === undefined && field('Name, as kits name it', name, setName, { required: true, placeholder: 'Lug 6 AWG (16 mm²), hole 3/8' })}
            {item === undefined && <NativeSelect label="Counted by" size="sm" value={unit} data={[{ value: 'pcs', label: 'the piece' }, { value: 'm', label: 'lengths of wire' }]} onChange={(event) => setUnit(event.currentTarget.value)} />}
            {!isWire && field('Free on the shelf', count, setCount, { inputMode: 'numeric' })}
            {field(isWire ? 'Price of a metre' : 'Price of one', price, setPrice, { inputMode: 'decimal' })}
            {field('Days from the order to the door', days, setDays, { inputMode: 'numeric' })}
            {item !== undefined && isWire && (
                <section aria-label="Lengths">
                    <ul>
                        {item.lengths.map((one) => (
                            <li key={one.id}>
                                <span className="figure">{length(one.metres, system)}</span> {one.boat === null ? <Act onClick={() => drop.mutate(one.id)}>not there any more</Act> : <span className="quiet">{one.cut ? `cut for ${one.boat}` : `taken by ${one.boat}`}</span>}
                            </li>
                        ))}
                    </ul>
                    <Group align="end" gap={8}>
                        {field(system === 'metric' ? 'One more length, metres' : 'One more length, feet', metres, setMetres, { inputMode: 'decimal' })}
                        <Button size="sm" variant="outline" disabled={metres === ''} loading={add.isPending} onClick={() => add.mutate()}>
                            Put it on the shelf
                        </Button>
                    </Group>
                </section>
            )}
            {problem !== null && <p role="alert">{problem.message}</p>}
            <Group mt={12}>
                <Button type="submit" loading={keep.isPending}>
                    Keep
                </Button>
            </Group>
        </form>
    );
}
