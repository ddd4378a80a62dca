import { NativeSelect, Table, Text, Title } from '@mantine/core';

import { choiceWords } from '../api/forms';
import type { PlannedJob } from '../api/types';
import type { TerminalBlock, Transducer } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import type { PlanEdits } from '../plan/usePlanEdits';

const signalWords = (signal: string) => choiceWords('terminal-block.pins.carries', signal);

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
}

/** Terminal blocks: each pin, what it carries, and the wire that is landed on it; judged at once. */
export function PinsPane({ job, edits }: Props) {
    const blocks = job.plan.network?.terminal_blocks ?? [];
    if (blocks.length === 0) {
        return <p>No terminal block is planned: every plug goes into a socket or an adapter.</p>;
    }
    return (
        <>
            <Caution>Strip no more than the pin takes, and insulate singly every wire that is left over. Nothing is plugged in before each wire was read once more.</Caution>
            {blocks.map((block) => (
                <Pins key={block.id} job={job} edits={edits} block={block} />
            ))}
        </>
    );
}

function Pins({ job, edits, block }: Props & { block: TerminalBlock }) {
    const name = partName(job, `terminal-block:${block.id}`);
    const transducer = wiredTo(job, block);
    const wires = transducer?.wires ?? [];
    const wired = block.wired ?? [];
    const leftOver = wires.filter(({ colour }) => !wired.some((one) => one.colour.toLowerCase() === colour.toLowerCase()));
    const land = (pin: number, colour: string) =>
        edits.submit((now) => {
            const before = now.plan.network?.terminal_blocks?.find(({ id }) => id === block.id)?.wired ?? [];
            // A wire has one end: landed here, it is off where it was.
            const others = before.filter((one) => one.pin !== pin && one.colour !== colour);
            return { patch: [{ on: `terminal-block:${block.id}`, set: { wired: [...others, ...(colour === '' ? [] : [{ pin, colour }])].sort((one, other) => one.pin - other.pin) } }] };
        });
    return (
        <section aria-label={name} data-block-pins={block.id}>
            <Title order={3} size={15} mt={8}>
                {name}
                {transducer !== undefined && `: ${partName(job, `transducer:${transducer.id}`)}`}
            </Title>
            <Table>
                <HeadRow heads={['Pin', 'Carries', 'Wire landed on it', 'The wire carries']} />
                <Table.Tbody>
                    {block.pins.map(({ pin, carries }) => {
                        const colour = wired.find((one) => one.pin === pin)?.colour ?? '';
                        const its = wires.find((wire) => wire.colour.toLowerCase() === colour.toLowerCase())?.carries;
                        const isWrong = colour !== '' && its !== undefined && its !== carries;
                        return (
                            <Table.Tr key={pin} data-pin={pin}>
                                <Table.Th scope="row" className="figure">
                                    {pin}
                                </Table.Th>
                                <Table.Td>{signalWords(carries)}</Table.Td>
                                <Table.Td>
                                    {job.can_change ? (
                                        <NativeSelect size="xs" w="fit-content" aria-label={`Wire on pin ${pin} of ${name}`} value={colour} data={[{ value: '', label: 'none' }, ...[...new Set([...wires.map((wire) => wire.colour), ...(colour === '' ? [] : [colour])])].map((one) => ({ value: one, label: one }))]} onChange={(event) => void land(pin, event.currentTarget.value)} />
                                    ) : (
                                        colour
                                    )}
                                </Table.Td>
                                <Table.Td>
                                    {its !== undefined && signalWords(its)}
                                    {isWrong && (
                                        <Text span fw={600} c="var(--brick)">
                                            {' '}
                                            ⬣ wrong pin
                                        </Text>
                                    )}
                                </Table.Td>
                            </Table.Tr>
                        );
                    })}
                </Table.Tbody>
            </Table>
            {leftOver.length > 0 && (
                <p>
                    Cut back and insulate singly: {leftOver.map(({ colour, carries }) => `${colour} (${signalWords(carries)})`).join(', ')}.
                </p>
            )}
        </section>
    );
}

/** The transducer whose wires are landed on it: that which reaches its socket by it, else one that ends in what it takes. */
function wiredTo(job: PlannedJob, block: TerminalBlock): Transducer | undefined {
    const planned = job.plan.network?.transducers ?? [];
    const by = job.evaluation.network?.transducers.find(({ chain }) => chain.includes(block.id));
    return planned.find(({ id }) => id === by?.id) ?? planned.find(({ plug }) => plug === block.from);
}
