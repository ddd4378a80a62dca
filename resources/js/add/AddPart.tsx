import { Box, NavLink, TextInput, Title } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';

import { CATALOGUE_KINDS, KINDS } from '../api/forms';
import type { CataloguePart, PlannedJob, Run } from '../api/types';
import { words } from '../boat/parts';
import { useCatalogue } from '../catalogue/parts';
import { Dialog } from '../look/Dialog';
import { soughtIn } from '../look/sought';
import type { PlanEdits } from '../plan/usePlanEdits';
import { MakePart } from '../inspector/MakePart';
import { PartDetails } from './PartDetails';

const TITLES = new Map(CATALOGUE_KINDS.map(([kind, title]) => [kind, title]));

interface Props {
    opened: boolean;
    onClose: () => void;
    job: PlannedJob;
    edits: PlanEdits;
    /** kinds of the stage that can be put in without a part of the catalogue; of them those that the catalogue has stand first */
    made: readonly string[];
    selected?: Run;
}

/** Puts a part of the shop's catalogue into the boat; its circuit is proposed by the server. */
export function AddPart({ opened, onClose, job, edits, made: kinds, selected }: Props) {
    const catalogue = useCatalogue(opened);
    const [sought, setSought] = useState('');
    const [part, setPart] = useState<CataloguePart | null>(null);
    const isSought = soughtIn(sought);
    const found = (catalogue.data?.parts ?? []).filter((candidate) => isSought(`${TITLES.get(candidate.kind) ?? ''} ${candidate.name}`));
    const meant = found.length === 1 ? found[0] : found.find((candidate) => candidate.name.toLowerCase() === sought.trim().toLowerCase());
    const list = useRef<HTMLDivElement>(null);
    // Enter counts though whoever typed was faster than the catalogue: the part meant is taken when it comes.
    const [entered, setEntered] = useState(false);
    const [made, setMade] = useState<string | null>(null);
    const inOrder = [...CATALOGUE_KINDS.filter(([kind]) => kinds.includes(kind)), ...CATALOGUE_KINDS.filter(([kind]) => !kinds.includes(kind))];
    const taken = part ?? (entered ? meant : undefined) ?? null;
    const focusFirst = () => list.current?.querySelector<HTMLElement>('button[data-part]')?.focus(); // of several none was meant yet
    useEffect(() => {
        if (entered && taken === null) {
            focusFirst();
        }
    }, [entered, taken, catalogue.data]);
    const leave = () => {
        setEntered(false);
        setPart(null);
        setMade(null);
    };
    const close = () => {
        leave();
        setSought('');
        onClose();
    };
    return (
        <Dialog opened={opened} onClose={close} title={made !== null ? `Add a ${KINDS[made]?.word ?? made}` : taken === null ? 'Add a part' : taken.name}>
            {made !== null ? (
                <MakePart kind={made} job={job} edits={edits} onBack={leave} onDone={close} />
            ) : taken !== null ? (
                <PartDetails
                    key={taken.id}
                    part={taken}
                    job={job}
                    selected={selected}
                    onBack={leave}
                    onAdd={(how) => {
                        void edits.submit(() => ({ add: { part: taken.id, ...how } }));
                        close();
                    }}
                />
            ) : (
                <>
                    <TextInput
                        data-autofocus
                        label="Part of the catalogue"
                        value={sought}
                        onChange={(event) => {
                            setEntered(false);
                            setSought(event.currentTarget.value);
                        }}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter') {
                                event.preventDefault();
                                setEntered(true);
                                focusFirst();
                            }
                        }}
                    />
                    <Box ref={list} mah="50vh" mt={12} style={{ overflowY: 'auto' }} tabIndex={0} role="region" aria-label="Parts found">
                        {inOrder.map(([kind, title]) => {
                            const parts = found.filter((candidate) => candidate.kind === kind);
                            return parts.length === 0 ? null : (
                                <section key={kind}>
                                    <Title order={3} size={15}>
                                        {title}
                                    </Title>
                                    <ul className="bare">
                                        {parts.map((candidate) => (
                                            <li key={candidate.id}>
                                                <NavLink component="button" type="button" data-part label={candidate.name} onClick={() => setPart(candidate)} />
                                            </li>
                                        ))}
                                    </ul>
                                </section>
                            );
                        })}
                        <section>
                            <Title order={3} size={15}>
                                Not of the catalogue
                            </Title>
                            <ul className="bare">
                                {kinds.map((kind) => (
                                    <li key={kind}>
                                        <NavLink component="button" type="button" label={`${words(KINDS[kind]?.word ?? kind)}, figure by figure`} onClick={() => setMade(kind)} />
                                    </li>
                                ))}
                            </ul>
                        </section>
                        {catalogue.isPending && <p>Fetching the catalogue…</p>}
                        {catalogue.error !== null && <p role="alert">{catalogue.error.message}</p>}
                        {catalogue.data !== undefined && found.length === 0 && <p>The catalogue has nothing of that name.</p>}
                    </Box>
                </>
            )}
        </Dialog>
    );
}
