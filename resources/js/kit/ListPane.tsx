import { Button, Group, Table } from '@mantine/core';

import type { Kit, KitLine, KitPiece, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { useWritten } from '../units/conventions';
import { gauge, length, type System, useUnits } from '../units/units';
import { calledBriefly } from './called';
import { type KitAct, useKitActs } from './useKitActs';

interface Props {
    job: PlannedJob;
    kit: Kit;
    onChoose: (piece: KitPiece) => void;
    onSelect: (on: string) => void;
}

/** everything that a line is for is named up to here; beyond it their number */
const NAMED = 2;

/** What it all takes, thing by thing: on the shelf, taken, to order, its price, and where each goes. */
export function ListPane({ job, kit, onChoose, onSelect }: Props) {
    const { system } = useUnits();
    const { money } = useWritten();
    const groups = [...new Set(kit.lines.map((line) => line.group))];
    return (
        <>
            <KitActs job={job} kit={kit} />
            <Table stickyHeader>
                <HeadRow heads={['What', 'How much', 'Taken', 'On the shelf', 'To order', 'Price', 'For']} />
                {groups.map((group) => (
                    <Table.Tbody key={group}>
                        <Table.Tr>
                            <Table.Th colSpan={7} scope="rowgroup">
                                {group}
                            </Table.Th>
                        </Table.Tr>
                        {kit.lines
                            .filter((line) => line.group === group)
                            .map((line) => (
                                <Table.Tr key={line.item} data-line={line.item}>
                                    <Table.Td>{gauge(line.item)}</Table.Td>
                                    <Table.Td className="figure">{told(line, line.quantity, system)}</Table.Td>
                                    <Table.Td className="figure">{line.taken === 0 ? '–' : told(line, line.taken, system)}</Table.Td>
                                    <Table.Td className="figure">{line.listed ? told(line, line.free, system) : <span className="quiet">not listed</span>}</Table.Td>
                                    <Table.Td className="figure">{line.short === 0 ? '–' : <Verdict good={null}>{told(line, line.short, system)}</Verdict>}{line.awaited > 0 && <span className="quiet"> {told(line, line.awaited, system)} on the way</span>}</Table.Td>
                                    <Table.Td className="figure">{line.cost === null ? <span className="quiet">no price</span> : money(line.cost)}</Table.Td>
                                    <Table.Td>
                                        <Places job={job} kit={kit} line={line} onChoose={onChoose} onSelect={onSelect} />
                                    </Table.Td>
                                </Table.Tr>
                            ))}
                    </Table.Tbody>
                ))}
            </Table>
        </>
    );
}

/** Where a line's things go: each name once, the first of them to be taken in hand. */
function Places({ job, kit, line, onChoose, onSelect }: Props & { line: KitLine }) {
    const places = new Map<string, () => void>();
    line.for.forEach((id) => {
        const piece = kit.pieces.find((one) => one.id === id);
        const name = piece === undefined ? partName(job, id) : calledBriefly(piece);
        if (!places.has(name)) {
            places.set(name, () => (piece === undefined ? onSelect(id) : onChoose(piece)));
        }
    });
    return (
        <>
            {[...places].slice(0, NAMED).map(([name, take]) => (
                <span key={name}>
                    <Act onClick={take}>{name}</Act>{' '}
                </span>
            ))}
            {places.size > NAMED && <span className="quiet">and {places.size - NAMED} more</span>}
        </>
    );
}

function told(line: KitLine, amount: number, system: System): string {
    return amount === 0 ? 'none' : line.unit === 'm' ? length(amount, system) : String(amount);
}

/** The kit as a whole: its price, and what is done with it and the shelf. */
function KitActs({ job, kit }: { job: PlannedJob; kit: Kit }) {
    const acts = useKitActs(job);
    const { money, moment } = useWritten();
    const { unpriced } = kit.totals;
    const act = (does: KitAct, words: string, isFirst = false) => (
        <Button size="compact-sm" variant={isFirst ? 'filled' : 'outline'} loading={acts.isPending && acts.variables === does} onClick={() => acts.mutate(does)}>
            {words}
        </Button>
    );
    const hasUncut = kit.spools.some((spool) => spool.state === 'taken');
    return (
        <Group gap="6px 12px" py={6}>
            <strong data-figure="kit-price">
                {money(kit.totals.price)}
                {unpriced > 0 && `, ${unpriced} without a price`}
            </strong>
            {kit.prices_of !== null && <span className="quiet">prices of {moment(kit.prices_of)} stand</span>}
            {job.can_change && (
                <>
                    {act('take', kit.taken ? 'Take what changed' : 'Take it from the shelf', true)}
                    {kit.taken && act('put-back', 'Put it back')}
                    {hasUncut && act('cut', 'It is cut: remnants back')}
                    {kit.prices_of === null ? act('keep-prices', 'Let these prices stand') : act('release-prices', 'Take today’s prices')}
                </>
            )}
            <a href={`/api/jobs/${job.id}/kit/tables/list`}>List (CSV)</a>
            <a href={`/api/jobs/${job.id}/kit/tables/wires`}>Wires (CSV)</a>
            {acts.error !== null && <p role="alert">{acts.error.message}</p>}
        </Group>
    );
}
