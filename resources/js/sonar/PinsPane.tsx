import { Anchor, Group, NativeSelect, SegmentedControl, Table, Text, Title } from '@mantine/core';
import { useState } from 'react';

import { choiceWords } from '../api/forms';
import type { PlannedJob, Sonar } from '../api/types';
import { partName } from '../boat/parts';
import { facePins, PlugFace, type Side } from '../drawings/PlugFace';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useUnits } from '../units/units';
import classes from './PinsPane.module.css';

const signalWords = (signal: string) => choiceWords('terminal-block.pins.carries', signal);

type Slip = Sonar['slips'][number];

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    slips: readonly Slip[];
}

/** Terminal blocks: each pin, what it carries, and the wire that is landed on it; judged at once. */
export function PinsPane({ job, edits, slips }: Props) {
    const blocks = job.plan.network?.terminal_blocks ?? [];
    if (blocks.length === 0) {
        return <p>No terminal block is planned: every plug goes into a socket or an adapter.</p>;
    }
    return (
        <>
            <Caution>Strip no more than the pin takes, and insulate singly every wire that is left over. Nothing is plugged in before each wire was read once more.</Caution>
            {blocks.map(({ id }) => {
                const slip = slips.find(({ block }) => block === id);
                return slip === undefined ? <p key={id}>No transducer ends in what {partName(job, `terminal-block:${id}`)} takes.</p> : <Pins key={id} job={job} edits={edits} slip={slip} />;
            })}
        </>
    );
}

function Pins({ job, edits, slip }: { job: PlannedJob; edits: PlanEdits; slip: Slip }) {
    const { system } = useUnits();
    const [side, setSide] = useState<Side>('wire');
    const [over, setOver] = useState<number | null>(null);
    const name = partName(job, `terminal-block:${slip.block}`);
    const wires = job.plan.network?.transducers?.find(({ id }) => id === slip.transducer)?.wires ?? [];
    const land = (pin: number, colour: string) =>
        edits.submit((now) => {
            const before = now.plan.network?.terminal_blocks?.find(({ id }) => id === slip.block)?.wired ?? [];
            // A wire has one end: landed here, it is off where it was.
            const others = before.filter((one) => one.pin !== pin && one.colour !== colour);
            return { patch: [{ on: `terminal-block:${slip.block}`, set: { wired: [...others, ...(colour === '' ? [] : [{ pin, colour }])].sort((one, other) => one.pin - other.pin) } }] };
        });
    return (
        <section aria-label={name} data-block-pins={slip.block}>
            <Group justify="space-between" mt={8}>
                <Title order={3} size={15}>
                    {name}: {partName(job, `transducer:${slip.transducer}`)}
                </Title>
                <Anchor href={`/api/jobs/${job.id}/terminal-blocks/${slip.block}?units=${system}`} underline="always" size="sm" className="act">
                    Slip for the locker, to print
                </Anchor>
            </Group>
            <div className={classes.beside}>
                <figure className={classes.face}>
                    <SegmentedControl
                        size="xs"
                        aria-label={`Side of the plug of ${name}`}
                        value={side}
                        onChange={(next) => setSide(next)}
                        data={[
                            { value: 'wire', label: 'wire side' },
                            { value: 'mating', label: 'mating side' },
                        ]}
                    />
                    <PlugFace side={side} pins={facePins(slip)} />
                    <figcaption className="quiet">Seen from its {side} side, key up. The order round the key is the table&rsquo;s; the true spacing is the maker&rsquo;s.</figcaption>
                </figure>
                <div>
                    {job.can_change && (
                        <Group gap={6} mb={6} aria-label={`Wires of ${name}`} role="group">
                            <span className="quiet">Drag a wire to its pin, or choose it there:</span>
                            {wires.map(({ colour }) => (
                                <span key={colour} draggable className={classes.wire} data-wire={colour} onDragStart={(event) => event.dataTransfer.setData('text/plain', colour)}>
                                    {colour}
                                </span>
                            ))}
                        </Group>
                    )}
                    <Table>
                        <HeadRow heads={['Pin', 'Carries', 'Wire landed on it', 'The wire carries', 'Cut at']} />
                        <Table.Tbody>
                            {slip.landings.map((landing) => {
                                const colour = landing.colour ?? '';
                                return (
                                    <Table.Tr
                                        key={`${landing.pin} ${colour}`}
                                        data-pin={landing.pin}
                                        className={over === landing.pin ? classes.over : undefined}
                                        onDragOver={(event) => {
                                            event.preventDefault();
                                            setOver(landing.pin);
                                        }}
                                        onDragLeave={() => setOver(null)}
                                        onDrop={(event) => {
                                            event.preventDefault();
                                            setOver(null);
                                            const dropped = event.dataTransfer.getData('text/plain');
                                            if (job.can_change && wires.some((wire) => wire.colour === dropped)) {
                                                void land(landing.pin, dropped);
                                            }
                                        }}
                                    >
                                        <Table.Th scope="row" className="figure">
                                            {landing.pin}
                                        </Table.Th>
                                        <Table.Td>{signalWords(landing.carries)}</Table.Td>
                                        <Table.Td>
                                            {job.can_change ? (
                                                <NativeSelect size="xs" w="fit-content" aria-label={`Wire on pin ${landing.pin} of ${name}`} value={colour} data={[{ value: '', label: 'none' }, ...[...new Set([...wires.map((wire) => wire.colour), ...(colour === '' ? [] : [colour])])].map((one) => ({ value: one, label: one }))]} onChange={(event) => void land(landing.pin, event.currentTarget.value)} />
                                            ) : (
                                                colour
                                            )}
                                        </Table.Td>
                                        <Table.Td>
                                            {landing.wire_carries !== null && signalWords(landing.wire_carries)}
                                            {landing.right === false && (
                                                <Text span fw={600} c="var(--brick)">
                                                    {' '}
                                                    ⬣ wrong pin
                                                </Text>
                                            )}
                                        </Table.Td>
                                        <Table.Td className="figure">{colour === '' ? '' : system === 'metric' ? `${landing.cut_mm}\u00a0mm` : `${(landing.cut_mm / 25.4).toFixed(1)}\u00a0in`}</Table.Td>
                                    </Table.Tr>
                                );
                            })}
                        </Table.Tbody>
                    </Table>
                </div>
            </div>
            {slip.left_over.length > 0 && <p>Cut back and insulate singly: {slip.left_over.map(({ colour, carries }) => `${colour} (${signalWords(carries)})`).join(', ')}.</p>}
        </section>
    );
}
