import { Table } from '@mantine/core';

import type { Kit, KitEnd, KitPiece } from '../api/types';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { calledBriefly } from './called';

interface Props {
    kit: Kit;
    onChoose: (piece: KitPiece) => void;
}

/** The ends as the bench makes them: everything of one die, then of the next. */
export function DiesPane({ kit, onChoose }: Props) {
    const dies = byDie(kit.pieces);
    if (dies.size === 0) {
        return <p>No end is made yet.</p>;
    }
    return (
        <Table stickyHeader>
            <HeadRow heads={['Die', 'Terminal', 'How many', 'Strip', 'Sleeve on first', 'Pull for a minute', 'On']} />
            {[...dies].map(([die, made]) => (
                <Table.Tbody key={die} data-die={die}>
                    {[...byItem(made)].map(([item, ends], at) => {
                        const [{ end }] = ends as [Made];
                        return (
                            <Table.Tr key={item}>
                                {at === 0 && (
                                    <Table.Th scope="rowgroup" rowSpan={byItem(made).size} style={{ verticalAlign: "top" }}>
                                        {die}
                                        <br />
                                        <span className="quiet">{made.length} {made.length === 1 ? 'end' : 'ends'}</span>
                                    </Table.Th>
                                )}
                                <Table.Td>
                                    {item}
                                    {ends.some((one) => !one.end.suits) && <Verdict good={false}> does not suit its stud</Verdict>}
                                    {ends.some((one) => !one.end.joinable) && <Verdict good={false}> no one joint takes both: step down twice</Verdict>}
                                </Table.Td>
                                <Table.Td className="figure">{ends.length}</Table.Td>
                                <Table.Td className="figure">{end.strip}</Table.Td>
                                <Table.Td className="figure">{end.sleeve ?? 'has its own'}</Table.Td>
                                <Table.Td className="figure">{end.pull ?? '–'}</Table.Td>
                                <Table.Td>
                                    {[...new Map(ends.map((one) => [one.piece.id, one.piece])).values()].map((piece) => (
                                        <span key={piece.id}>
                                            <Act onClick={() => onChoose(piece)}>
                                                {calledBriefly(piece)}
                                            </Act>{' '}
                                        </span>
                                    ))}
                                </Table.Td>
                            </Table.Tr>
                        );
                    })}
                </Table.Tbody>
            ))}
        </Table>
    );
}

interface Made {
    piece: KitPiece;
    end: KitEnd;
}

function byDie(pieces: KitPiece[]): Map<string, Made[]> {
    const dies = new Map<string, Made[]>();
    [...pieces]
        .sort((one, other) => one.area_mm2 - other.area_mm2)
        .forEach((piece) =>
            piece.ends.forEach((end) => {
                if (end.item !== null) {
                    const die = end.die ?? 'screws';
                    dies.set(die, [...(dies.get(die) ?? []), { piece, end }]);
                }
            }),
        );
    return dies;
}

function byItem(made: Made[]): Map<string, Made[]> {
    const items = new Map<string, Made[]>();
    made.forEach((one) => items.set(one.end.item ?? '', [...(items.get(one.end.item ?? '') ?? []), one]));
    return items;
}
