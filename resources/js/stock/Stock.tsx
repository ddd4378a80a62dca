import { Button, Table, Tabs, TextInput } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router-dom';

import { Refused } from '../api/client';
import { stock as asked } from '../api/queries';
import type { StockItem } from '../api/types';
import { Act } from '../look/Act';
import { Dialog } from '../look/Dialog';
import { HeadRow } from '../look/HeadRow';
import { Page } from '../look/Page';
import { soughtIn } from '../look/sought';
import { ToSignIn } from '../sign-in/ToSignIn';
import { FromTable } from '../tables/FromTable';
import { useWritten } from '../units/conventions';
import { length, useUnits } from '../units/units';
import { ItemForm } from './ItemForm';
import { Orders } from './Orders';

/** The shelf of the shop: what is there, which boat has taken what, and what has to be ordered. */
export function Stock() {
    useDocumentTitle('Stock · Dinghy');
    const queries = useQueryClient();
    const shelf = useQuery(asked);
    const [params, setParams] = useSearchParams();
    const [sought, setSought] = useState('');
    const [held, hold] = useState<number | 'new' | null>(null);
    if (shelf.error instanceof Refused) {
        return <ToSignIn />;
    }
    const isSought = soughtIn(sought);
    const items = (shelf.data?.items ?? []).filter((item) => isSought(item.name));
    const canChange = shelf.data?.can_change === true;
    const item = shelf.data?.items.find((one) => one.id === held);
    return (
        <Page
            title="Stock"
            widest={1500}
            acts={
                <>
                    <Button component="a" href="/api/stock/table" variant="outline" size="sm">
                        Take it out as a table (CSV)
                    </Button>
                    {canChange && (
                        <Button size="sm" onClick={() => hold('new')}>
                            New item
                        </Button>
                    )}
                </>
            }
        >
            <Dialog opened={held !== null} onClose={() => hold(null)} title={held === 'new' ? 'New item' : (item?.name ?? '')}>
                {held !== null && <ItemForm key={`${held} ${item?.version}`} item={item} onDone={() => hold(null)} />}
            </Dialog>
            <Tabs id="stock" value={params.get('show') ?? 'shelf'} onChange={(next) => setParams({ show: next ?? 'shelf' })} mt={10}>
                <Tabs.List aria-label="Stock">
                    <Tabs.Tab value="shelf">On the shelf</Tabs.Tab>
                    <Tabs.Tab value="orders">To order</Tabs.Tab>
                </Tabs.List>
                <Tabs.Panel value="shelf">
                    <TextInput label="Item" size="sm" value={sought} onChange={(event) => setSought(event.currentTarget.value)} maw={380} mt={10} />
                    {canChange && <FromTable label="Bring counts or a price list in from a table" region="Stock from a table" path="stock/table" onKept={() => void queries.invalidateQueries({ queryKey: asked.queryKey })} />}
                    <Shelf items={items} onChange={canChange ? hold : null} />
                </Tabs.Panel>
                <Tabs.Panel value="orders">
                    <Orders />
                </Tabs.Panel>
            </Tabs>
        </Page>
    );
}

function Shelf({ items, onChange }: { items: StockItem[]; onChange: ((id: number) => void) | null }) {
    const { money, day } = useWritten();
    const { system } = useUnits();
    return (
        <Table.ScrollContainer minWidth={700}>
            <Table>
                <HeadRow heads={['Item', 'On the shelf', 'Taken by', 'Price', 'Delivered in']} unseen={onChange === null ? '' : 'Change'} />
                <Table.Tbody>
                    {items.map((item) => (
                        <Table.Tr key={item.id} data-item={item.name}>
                            <Table.Th scope="row">{item.name}</Table.Th>
                            <Table.Td className="figure">
                                {item.unit === 'pcs'
                                    ? item.on_hand
                                    : item.lengths
                                          .filter((one) => one.job === null)
                                          .map((one) => length(one.metres, system))
                                          .join(', ') || 'none'}
                            </Table.Td>
                            <Table.Td>
                                {[
                                    ...item.taken.map((one) => `${one.boat}: ${one.quantity}`),
                                    ...item.lengths.filter((one) => one.boat !== null).map((one) => `${one.boat}: ${length(one.metres, system)}${one.cut ? ', cut' : ''}`),
                                ].join('; ')}
                            </Table.Td>
                            <Table.Td className="figure">
                                {item.price === null ? <span className="quiet">no price</span> : `${money(item.price)}${item.unit === 'm' ? ' a metre' : ''}`} {item.priced_on !== null && item.price !== null && <span className="quiet">of {day(item.priced_on)}</span>}
                            </Table.Td>
                            <Table.Td className="figure">{item.delivery_days === null ? '–' : `${item.delivery_days} ${item.delivery_days === 1 ? 'day' : 'days'}`}</Table.Td>
                            {onChange !== null && (
                                <Table.Td>
                                    <Act aria-label={`change ${item.name}`} onClick={() => onChange(item.id)}>
                                        change
                                    </Act>
                                </Table.Td>
                            )}
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
        </Table.ScrollContainer>
    );
}
