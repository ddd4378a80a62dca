import { Alert, Button, Group, Stack } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import type { Bank, Bench, PlannedJob, WiredBank } from '../api/types';
import { length, useUnits } from '../units/units';
import { feedsOf } from '../boat/planParts';
import { partName, spokenOf } from '../boat/parts';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { Change } from '../plan/changes';
import type { PlanEdits } from '../plan/usePlanEdits';

/** Which wire is landed on which post: the drawing above, as a list that can be edited. Wrong plugging is allowed and judged. */
export function Posts({ job, bank, wired, bench, edits }: { job: PlannedJob; bank: Bank; wired: WiredBank; bench: Bench; edits: PlanEdits }) {
    const { system } = useUnits();
    const [from, setFrom] = useState('');
    const [to, setTo] = useState('');
    const send = (change: Change) => void edits.submit(() => change);
    const name = (post: string) => {
        const block = bench.blocks.find((candidate) => candidate.battery === post.slice(0, -1));
        return block === undefined ? post : `Battery ${block.number} ${post.endsWith('+') ? '+' : '−'}`;
    };
    const choice = (label: string, value: string, options: [string, string][], choose: (chosen: string) => void) => (
        <PlaceSelect label={label} value={value} choices={options} readOnly={!job.can_change} onChosen={choose} />
    );
    const posts = (but: string): [string, string][] => wired.posts.filter((post) => post !== but).map((post) => [post, name(post)]);
    const terminals = wired.terminals.map((terminal): [string, string] => [terminal.name, name(terminal.post)]);
    return (
        <section aria-label={`Posts of the ${spokenOf(job, `bank:${bank.id}`)}`}>
            <Alert role="status" color={bench.sound ? 'gray' : 'brick'} variant="outline" mb={6} data-figure="plugging">
                {!bench.sound && <strong>As it is plugged: </strong>}
                {bench.does.join(' ')}
            </Alert>
            <Stack component="ul" className="bare" gap={6}>
                {bench.wires.map((wire, at) => (
                    <Group component="li" gap="4px 6px" key={wire.id}>
                        <span>jumper {at + 1}</span>
                        {choice(`Jumper ${at + 1}, first end`, wire.from, posts(wire.to), (post) => send({ propose: { make: 'land', bank: bank.id, wire: wire.id, end: 'from', post } }))}
                        <span>to</span>
                        {choice(`Jumper ${at + 1}, second end`, wire.to, posts(wire.from), (post) => send({ propose: { make: 'land', bank: bank.id, wire: wire.id, end: 'to', post } }))}
                        <span className="quiet">
                            {wire.gauge}, {length(wire.length_m, system)}
                            {wire.drawn_m !== null && `; as drawn ${length(wire.drawn_m, system)}`}
                        </span>
                        {job.can_change && (
                            <Act onClick={() => send({ propose: { make: 'take-off', bank: bank.id, wire: wire.id } })} aria-label={`take off jumper ${at + 1}`}>
                                take off
                            </Act>
                        )}
                    </Group>
                ))}
                {job.can_change && (
                    <Group component="li" gap="4px 6px">
                        <span>a jumper from</span>
                        {choice('New jumper, first end', from, [['', '–'], ...posts(to)], setFrom)}
                        <span>to</span>
                        {choice('New jumper, second end', to, [['', '–'], ...posts(from)], setTo)}
                        <Button
                            size="compact-xs"
                            variant="outline"
                            disabled={from === '' || to === ''}
                            onClick={() => {
                                send({ propose: { make: 'join', bank: bank.id, from, to } });
                                setFrom('');
                                setTo('');
                            }}
                        >
                            Land it
                        </Button>
                    </Group>
                )}
                {feedsOf(job.plan, bank).map((feed) => (
                    <Group component="li" gap="4px 6px" key={feed.id}>
                        <span>{partName(job, `feed:${feed.id}`)} +</span>
                        {choice(`Plus of ${partName(job, `feed:${feed.id}`)}`, feed.from.plus ?? 'pos', terminals, (plus) => send({ patch: [{ on: `feed:${feed.id}`, set: { 'from.plus': plus } }] }))}
                        <span>−</span>
                        {choice(`Minus of ${partName(job, `feed:${feed.id}`)}`, feed.from.minus ?? 'neg', terminals, (minus) => send({ patch: [{ on: `feed:${feed.id}`, set: { 'from.minus': minus } }] }))}
                    </Group>
                ))}
            </Stack>
        </section>
    );
}
