import { Button, Checkbox, NativeSelect, NumberInput, SimpleGrid, Stack, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';

import { ask } from '../api/client';
import type { CataloguePart, Offer, PlannedJob, Run } from '../api/types';
import { partName } from '../boat/parts';
import { stationChoices } from '../boat/stationName';
import type { NewPart } from '../plan/changes';

interface Props {
    part: CataloguePart;
    job: PlannedJob;
    selected: Run | undefined;
    onBack: () => void;
    onAdd: (how: Omit<NewPart, 'part'>) => void;
}

/** What each kind of part is put on: a run, a bank, or either. */
const PUT_ON: Partial<Record<CataloguePart['kind'], readonly ('run' | 'bank')[]>> = { wire: ['run'], connector: ['run'], protection: ['run', 'bank'], switch: ['run', 'bank'], shunt: ['bank'] };

const NEEDS_BANK: CataloguePart['kind'][] = ['block', 'charger', 'shunt'];

/** What stands nowhere by itself. */
const PLACELESS: CataloguePart['kind'][] = ['charger', 'adapter', 'terminal-block'];

/** What has to be known of a part before it can be put in. */
export function PartDetails({ part, job, selected, onBack, onAdd }: Props) {
    const banks = (job.plan.banks ?? []).map((bank) => ({ value: bank.id, label: partName(job, `bank:${bank.id}`), strings: bank.strings.length }));
    const stations = stationChoices(job).map(([value, label]) => ({ value, label }));
    const putOn = PUT_ON[part.kind];
    const runs = job.evaluation.runs.filter((run) => run.of === 'feed' || (run.of === 'branch' && part.kind !== 'protection' && part.kind !== 'switch'));
    // Strings side by side have a fuse each; a string alone has it in its feed.
    const onBanks = part.kind === 'protection' ? banks.filter((bank) => bank.strings > 1).map((bank) => ({ ...bank, label: `each string of the ${bank.label.toLowerCase()}` })) : banks;
    const places = [...(putOn?.includes('run') === true ? runs.map((run) => ({ value: `run:${run.id}`, label: run.label })) : []), ...(putOn?.includes('bank') === true ? onBanks.map((bank) => ({ value: `bank:${bank.value}`, label: bank.label })) : [])];
    const isConverter = part.kind === 'charger' && typeof part.figures.volts === 'number';
    const draws = part.kind === 'charger' && (part.figures.input === 'dc-dc' || isConverter);
    const blocks = (job.plan.blocks ?? []).map((block) => ({ value: block.id, label: partName(job, `block:${block.id}`) }));

    const devices = (job.plan.devices ?? []).map(({ id }) => ({ value: id, label: partName(job, `device:${id}`) }));
    const ported = (job.plan.devices ?? []).filter((device) => (device.network_ports ?? 0) > 0).map(({ id }) => ({ value: id, label: partName(job, `device:${id}`) }));
    const backbones = (job.plan.network?.backbones ?? []).map(({ id }) => ({ value: id, label: partName(job, `backbone:${id}`) }));
    const lengthened = part.kind === 'extension' ? (job.plan.network?.transducers ?? []).filter(({ plug, extendable }) => plug === part.figures.plug && extendable !== false).map(({ id }) => ({ value: id, label: partName(job, `transducer:${id}`) })) : [];
    const piece = part.kind === 'backbone-part' ? part.figures.piece : null;

    const [name, setName] = useState('');
    const [station, setStation] = useState(stations[0]?.value ?? '');
    const [bank, setBank] = useState(banks.at(-1)?.value ?? '');
    const [charged, setCharged] = useState(banks.length === 0 ? [] : [banks.at(-1)?.value ?? '']);
    const [from, setFrom] = useState(banks[0]?.value ?? '');
    const [block, setBlock] = useState(blocks[0]?.value ?? '');
    const [ends, setEnds] = useState({ from: ported[0]?.value ?? '', to: ported[1]?.value ?? '' });
    const [transducer, setTransducer] = useState(lengthened[0]?.value ?? '');
    const [backbone, setBackbone] = useState(backbones[0]?.value ?? '');
    const [hung, setHung] = useState(devices[0]?.value ?? '');
    const [place, setPlace] = useState(places.find((one) => one.value === `run:${selected?.id ?? ''}`)?.value ?? places[0]?.value ?? '');
    const offers = useOffers(job, part, station);
    const [on, setOn] = useState<string | null>(null);
    const offered = on !== null && offers.some((offer) => offer.on === on) ? on : (offers[0]?.on ?? null);
    const [series, setSeries] = useState<number | string>(1);
    const [cranking, setCranking] = useState<number | string>('');
    const [parallel, setParallel] = useState<number | string>(1);
    // What it is about has changed under the hand: its first field takes the place of the one that was typed in.
    const form = useRef<HTMLFormElement>(null);
    useEffect(() => {
        form.current?.querySelector<HTMLElement>('[data-autofocus]')?.focus();
    }, []);
    const missing =
        putOn?.includes('run') === true && places.length === 0
            ? 'It goes on a run, and this boat has none yet. Add a bank and what it feeds first.'
            : NEEDS_BANK.includes(part.kind) && banks.length === 0
              ? 'It hangs on a bank, and this boat has none yet. Add batteries first.'
              : isConverter && blocks.length === 0
                ? 'It feeds a fuse block, and this boat has none yet. Add one first.'
                : part.kind === 'network-cable' && ported.length < 2
                  ? 'It joins two network ports: say first, at a screen, a box or a hub, how many it has.'
                  : part.kind === 'extension' && lengthened.length === 0
                    ? 'No transducer aboard ends in its plug, or its maker has no extensions for it.'
                  : piece !== null && piece !== 'trunk' && backbones.length === 0
                    ? 'There is no backbone aboard yet: put in the cable of its trunk first.'
                    : null;
    if (missing !== null) {
        return (
            <Stack gap={12}>
                <p>{missing}</p>
                <Button variant="outline" onClick={onBack} data-autofocus>
                    Back to the catalogue
                </Button>
            </Stack>
        );
    }
    const hasName = putOn === undefined && part.kind !== 'network-cable' && part.kind !== 'extension' && piece === null;
    const hasPlace = hasName && !PLACELESS.includes(part.kind) && stations.length > 0;
    const hangs = piece === 'tee' || piece === 'drop';
    const how = (): Omit<NewPart, 'part'> => {
        const [kind, id = ''] = place.split(':');
        return {
            ...(name.trim() === '' ? {} : { name: name.trim() }),
            ...(hasPlace ? { station } : {}),
            ...(part.kind === 'device' && offered !== null ? { on: offered } : {}),
            ...(putOn !== undefined ? { [kind === 'bank' ? 'bank' : 'run']: id } : {}),
            ...(part.kind === 'block' ? { bank } : {}),
            ...(part.kind === 'charger' ? (isConverter ? { block } : { banks: charged }) : {}),
            ...(draws ? { from } : {}),
            ...(part.kind === 'network-cable' ? ends : {}),
            ...(part.kind === 'extension' ? { transducer } : {}),
            ...(piece !== null && piece !== 'trunk' ? { backbone, ...(hangs ? { device: hung } : {}) } : {}),
            ...(part.kind === 'battery' ? { series: Number(series), parallel: Number(parallel), ...(cranking === '' ? {} : { cranking_a: Number(cranking) }) } : {}),
        };
    };
    return (
        <form
            ref={form}
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                onAdd(how());
            }}
        >
            <Stack gap={12}>
            {putOn !== undefined && <Choice autoFocus label={putOn.length > 1 ? 'Put on' : putOn[0] === 'run' ? 'On the run' : 'Bank'} data={places} value={place} onChange={setPlace} />}
            {part.kind === 'network-cable' && (
                <>
                    <Choice autoFocus label="From" data={ported} value={ends.from} onChange={(next) => setEnds((now) => ({ ...now, from: next }))} />
                    <Choice label="To" data={ported} value={ends.to} onChange={(next) => setEnds((now) => ({ ...now, to: next }))} />
                </>
            )}
            {part.kind === 'extension' && <Choice autoFocus label="Lengthens the cable of" data={lengthened} value={transducer} onChange={setTransducer} />}
            {piece !== null && piece !== 'trunk' && <Choice autoFocus label="Backbone" data={backbones} value={backbone} onChange={setBackbone} />}
            {hangs && <Choice label="Hangs on it" data={devices} value={hung} onChange={setHung} />}
            {hasName && (
                <TextInput
                    data-autofocus
                    label={part.kind === 'battery' ? 'Name of the bank' : 'Name on this boat'}
                    description={part.kind === 'battery' ? 'empty: thrust for a series bank, house for a single block' : 'empty: as in the catalogue'}
                    value={name}
                    onChange={(event) => setName(event.currentTarget.value)}
                />
            )}
            {part.kind === 'battery' && (
                <SimpleGrid cols={2} spacing={12}>
                    <NumberInput label="Blocks in series" onFocus={(event) => event.currentTarget.select()} min={1} max={16} value={series} onChange={setSeries} />
                    <NumberInput label="Strings in parallel" onFocus={(event) => event.currentTarget.select()} min={1} max={16} value={parallel} onChange={setParallel} />
                </SimpleGrid>
            )}
            {part.kind === 'battery' && <NumberInput label="Cranking amps of the engine it starts" onFocus={(event) => event.currentTarget.select()} description="empty: it starts none" min={1} max={2000} value={cranking} onChange={setCranking} />}
            {part.kind === 'block' && <Choice label="Bank" data={banks} value={bank} onChange={setBank} />}
            {part.kind === 'charger' && !isConverter && (
                <Checkbox.Group label="Charges" description="an output for each block that nothing charges yet" value={charged} onChange={setCharged}>
                    {banks.map(({ value, label }) => (
                        <Checkbox key={value} value={value} label={label} mt={4} />
                    ))}
                </Checkbox.Group>
            )}
            {draws && <Choice label="Draws on" data={banks} value={from} onChange={setFrom} />}
            {isConverter && <Choice label="Feeds" data={blocks} value={block} onChange={setBlock} />}
            {hasPlace && <Choice label="Where" data={stations} value={station} onChange={setStation} />}
            {part.kind === 'device' && offers.length > 0 && <Choice label="Hung on" data={offers.map((offer) => ({ value: offer.on, label: offer.label }))} value={offered ?? ''} onChange={setOn} />}
            {part.kind === 'battery' && <p className="quiet">Series adds volts, parallel adds hours. Rings off: a short across a battery welds tools.</p>}
            {part.kind === 'device' && <p className="quiet">Gauge and fuse follow its run.{offers.length === 0 && ' No bank has its volts: it is put in without a feed.'}</p>}
            {part.kind === 'charger' && part.figures.input === undefined && <p className="quiet">Mains side: a licensed electrician where the local code asks for one, earth-fault protection always.</p>}
            {part.kind === 'charger' && part.figures.input === 'solar' && <p className="quiet">A panel in the sun is live: cover it, and fuse its leads, before it is connected.</p>}
            <SimpleGrid cols={2} spacing={12}>
                <Button type="submit">Add it</Button>
                <Button variant="outline" onClick={onBack}>
                    Back to the catalogue
                </Button>
            </SimpleGrid>
            </Stack>
        </form>
    );
}

/** One of several that are there. */
function Choice({ label, data, value, onChange, autoFocus = false }: { label: string; data: { value: string; label: string }[]; value: string; onChange: (value: string) => void; autoFocus?: boolean }) {
    return <NativeSelect data-autofocus={autoFocus || undefined} label={label} data={data.map((one) => ({ value: one.value, label: one.label }))} value={value} onChange={(event) => onChange(event.currentTarget.value)} />;
}

/** What a device could be hung on, as a rigger would take it first. */
function useOffers(job: PlannedJob, part: CataloguePart, station: string): Offer[] {
    const offers = useQuery({
        queryKey: ['offers', job.id, job.version.hash, part.id, station],
        queryFn: () => ask<{ offers: Offer[] }>(`jobs/${job.id}/offers?${new URLSearchParams({ part: String(part.id), ...(station === '' ? {} : { station }) }).toString()}`),
        enabled: part.kind === 'device',
    });
    return offers.data?.offers ?? [];
}
