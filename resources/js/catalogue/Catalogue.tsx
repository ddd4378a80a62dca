import { Button, Group, TextInput, Title } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router-dom';

import { Act } from '../look/Act';
import { ask, Refused } from '../api/client';
import { CATALOGUE_KINDS, choicesOf, choiceWords } from '../api/forms';
import { catalogue as asked, session } from '../api/queries';
import type { CataloguePart } from '../api/types';
import { Dialog } from '../look/Dialog';
import { Page } from '../look/Page';
import { soughtIn } from '../look/sought';
import { FromTable } from '../tables/FromTable';
import { together } from '../units/together';
import { useWritten } from '../units/conventions';
import { amps, gauge, small, type System, useUnits, volts } from '../units/units';
import { ToSignIn } from '../sign-in/ToSignIn';
import classes from './Catalogue.module.css';
import { PartForm } from './PartForm';
import { useWholeCatalogue } from './parts';

/** The parts that a shop keeps or orders. A boat holds its own copy of their figures: nothing here changes a boat. */
export function Catalogue() {
    useDocumentTitle('Catalogue · Dinghy');
    const person = useQuery(session);
    const queries = useQueryClient();
    const catalogue = useWholeCatalogue();
    const { money } = useWritten();
    const { system } = useUnits();
    const isOwner = person.data?.role === 'owner';
    const [filled, fill] = useState<FilledPart | 'new' | null>(null);
    const [params] = useSearchParams();
    const [sought, setSought] = useState(params.get('sought') ?? '');
    if ((person.error ?? catalogue.error) instanceof Refused) {
        return <ToSignIn />;
    }
    const isSought = soughtIn(sought);
    const parts = (catalogue.data?.parts ?? []).filter((part) => isSought(part.name));
    return (
        <Page
            title="Catalogue"
            widest={1500}
            acts={
                <>
                    <Button component="a" href="/api/catalogue/table" variant="outline" size="sm">
                        Take it out as a table (CSV)
                    </Button>
                    {isOwner && (
                        <Button size="sm" onClick={() => fill('new')}>
                            New part
                        </Button>
                    )}
                </>
            }
        >
            <TextInput label="Part of the catalogue" size="sm" value={sought} onChange={(event) => setSought(event.currentTarget.value)} maw={380} mt={10} />
            {isOwner && <FromTable label="Bring parts in from a table" region="Parts from a table" path="catalogue/table" onKept={() => void queries.invalidateQueries({ queryKey: asked.queryKey })} />}
            <Dialog opened={filled !== null} onClose={() => fill(null)} title={filled === 'new' ? 'New part' : (filled?.name ?? '')}>
                {filled !== null && <PartForm part={filled === 'new' ? undefined : filled} onDone={() => fill(null)} />}
            </Dialog>
            {CATALOGUE_KINDS.map(([kind, title]) => (
                <section key={kind}>
                    <Title order={2} size={18} mt={18} mb={4}>
                        {title} ({parts.filter((part) => part.kind === kind).length})
                    </Title>
                    <ul className={classes.parts}>
                        {parts
                            .filter((part) => part.kind === kind)
                            .map((part) => (
                                <li key={part.id} data-retired={part.retired || undefined}>
                                    {part.name} <span className="quiet">{part.retired ? 'retired' : together(told(part, system))}</span> <span className="figure">{typeof part.figures.price === 'number' ? money(part.figures.price) : 'no price'}</span>
                                    {isOwner && <PartActs part={part} onFill={fill} />}
                                </li>
                            ))}
                    </ul>
                </section>
            ))}
        </Page>
    );
}

type FilledPart = Omit<CataloguePart, 'id'> & { id?: number };

/** What the owner does with a part: change it, make another like it, retire it or take it back. */
function PartActs({ part, onFill }: { part: CataloguePart; onFill: (part: FilledPart) => void }) {
    const queries = useQueryClient();
    const retire = useMutation({
        mutationFn: () => ask(`catalogue/parts/${part.id}`, { method: 'PUT', body: { version: part.version, retired: !part.retired } }),
        onSettled: () => void queries.invalidateQueries({ queryKey: asked.queryKey }),
    });
    const act = (word: string, does: () => void) => (
        <Act aria-label={`${word} ${part.name}`} onClick={does}>
            {word}
        </Act>
    );
    return (
        <Group component="span" gap={8} ml="auto">
            {!part.retired && act('change', () => onFill(part))}
            {!part.retired && act('copy', () => onFill({ kind: part.kind, figures: part.figures, version: 1, retired: false, name: `${part.name}, copy` }))}
            {act(part.retired ? 'take back' : 'retire', () => retire.mutate())}
            {retire.error !== null && <span role="alert">{retire.error.message}</span>}
        </Group>
    );
}

/** The figures that tell a part from its neighbour. */
function told({ kind, figures }: CataloguePart, system: System): string {
    const number = (key: string) => (typeof figures[key] === 'number' ? figures[key] : null);
    if (kind === 'battery') {
        return `${choicesOf('battery.chemistry').find(([one]) => one === figures.chemistry)?.[1] ?? '–'} · ${volts(number('nominal_v'), 0)} · ${number('capacity_ah') ?? '–'} Ah${number('mass_kg') === null ? '' : ` · ${number('mass_kg')} kg`}`;
    }
    if (kind === 'device') {
        return `${number('v_min') ?? '–'} to ${volts(number('v_max'), 0)} · ${amps(number('typical_a'))}, peak ${amps(number('peak_a'))}`;
    }
    const words = (key: string) => gauge(typeof figures[key] === 'string' ? figures[key] : '–');
    switch (kind) {
        case 'block':
            return `${number('circuits') ?? '–'} circuits`;
        case 'charger':
            return `${number('outputs') ?? '–'} × ${amps(number('amps'))}${typeof figures.input === 'string' && figures.input !== 'mains' ? ` · ${choicesOf('charger.input').find(([one]) => one === figures.input)?.[1] ?? ''}` : ''}`;
        case 'shunt':
            return `${amps(number('rating_a'))} · ${number('mohm') ?? '–'} mΩ`;
        case 'switch':
            return amps(number('rating_a'));
        case 'wire':
            return `insulation ${number('insulation_c') ?? '–'} °C, a metre`;
        case 'protection':
            return `${number('rating_a') === null ? 'any rating' : amps(number('rating_a'))} · to ${volts(number('max_v'), 0)} · breaks ${amps(number('breaking_a'))}`;
        case 'connector':
            return `${words('thinnest')} to ${words('thickest')}`;
        case 'transducer':
            return `${words('plug')} · ${functionsOf(figures.functions)}`;
        case 'adapter':
            return `passes ${functionsOf(figures.passes)}`;
        case 'terminal-block':
            return `${words('from')} to ${words('to')}`;
        default:
            // Their names say their lengths.
            return number('plug_mm') === null ? '' : `plug ${small(number('plug_mm'), system)}`;
    }
}

function functionsOf(value: unknown): string {
    return (Array.isArray(value) ? value : []).map((one) => choiceWords('adapter.passes', String(one))).join(', ');
}
