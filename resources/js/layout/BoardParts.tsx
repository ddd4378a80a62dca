import { Button, Group, Table, TextInput } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import type { PlannedJob } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { PartField } from '../plan/PartField';
import type { PlanEdits } from '../plan/usePlanEdits';
import { small, useUnits } from '../units/units';

type Board = NonNullable<PlannedJob['plan']['boards']>[number];
type BoardPart = NonNullable<Board['parts']>[number];

interface Props {
    board: Board;
    /** the board, as "board:stern-board" */
    on: string;
    readOnly: boolean;
    edits: PlanEdits;
}

/** What sits on a board, each with its place, its measures and the holes that hold it. */
export function BoardParts({ board, on, readOnly, edits }: Props) {
    const { system } = useUnits();
    const field = (path: string, words: string, value: number) => <PartField edits={edits} readOnly={readOnly} on={on} field={path} label={words} value={small(value, system)} />;
    const change = (parts: (now: BoardPart[]) => BoardPart[]) =>
        edits.submit((now) => {
            const there = now.plan.boards?.find((one) => one.id === board.id);
            return there === undefined ? null : { patch: [{ on, set: { parts: parts(there.parts ?? []) } }] };
        });
    const holes = (at: number, next: (now: NonNullable<BoardPart['holes']>) => NonNullable<BoardPart['holes']>) => void change((parts) => parts.map((part, which) => (which === at ? { ...part, holes: next(part.holes ?? []) } : part)));
    return (
        <>
            <Table>
                <HeadRow heads={['part', 'from the left', 'from below', 'width', 'height']} unseen="to be done" />
                {(board.parts ?? []).map((part, at) => (
                    <Table.Tbody key={at}>
                        <Table.Tr>
                            <Table.Td>{part.name}</Table.Td>
                            <Table.Td>{field(`parts.${at}.x_mm`, `${part.name} from the left`, part.x_mm)}</Table.Td>
                            <Table.Td>{field(`parts.${at}.y_mm`, `${part.name} from below`, part.y_mm)}</Table.Td>
                            <Table.Td>{field(`parts.${at}.width_mm`, `Width of ${part.name}`, part.width_mm)}</Table.Td>
                            <Table.Td>{field(`parts.${at}.height_mm`, `Height of ${part.name}`, part.height_mm)}</Table.Td>
                            <Table.Td>
                                {!readOnly && (
                                    <Act aria-label={`take off ${part.name}`} onClick={() => void change((parts) => parts.filter((_, which) => which !== at))}>
                                        take off
                                    </Act>
                                )}
                            </Table.Td>
                        </Table.Tr>
                        <Table.Tr>
                            <Table.Td colSpan={6}>
                                <Group gap="4px 16px" align="baseline" className="within">
                                    <span className="quiet">Holes, from the part’s lower left corner{(part.holes ?? []).length === 0 && ': none yet, measure them on the part itself'}</span>
                                    {(part.holes ?? []).map((hole, which) => (
                                        <span key={which}>
                                            {field(`parts.${at}.holes.${which}.x_mm`, `${part.name}, hole ${which + 1} from the left`, hole.x_mm)} by {field(`parts.${at}.holes.${which}.y_mm`, `${part.name}, hole ${which + 1} from below`, hole.y_mm)}, drill {field(`parts.${at}.holes.${which}.diameter_mm`, `${part.name}, hole ${which + 1}, drill`, hole.diameter_mm)}{' '}
                                            {!readOnly && (
                                                <Act aria-label={`Take out hole ${which + 1} of ${part.name}`} onClick={() => holes(at, (now) => now.filter((_, one) => one !== which))}>
                                                    take out
                                                </Act>
                                            )}
                                        </span>
                                    ))}
                                    {!readOnly && (
                                        // Begun at the corner, to be moved where the part has it: measured, not guessed.
                                        <Act aria-label={`One more hole in ${part.name}`} onClick={() => holes(at, (now) => [...now, { x_mm: 0, y_mm: 0, diameter_mm: 4 }])}>
                                            one more
                                        </Act>
                                    )}
                                </Group>
                            </Table.Td>
                        </Table.Tr>
                    </Table.Tbody>
                ))}
            </Table>
            {!readOnly && <NewPart onAdd={(part) => change((parts) => [...parts, part])} />}
        </>
    );
}

/** A part for the board; its measures are changed afterwards where they stand. */
function NewPart({ onAdd }: { onAdd: (part: BoardPart) => Promise<boolean> }) {
    const [name, setName] = useState('');
    return (
        <Group component="form" align="end" gap={8} mt={8}
            
            onSubmit={(event) => {
                event.preventDefault();
                void onAdd({ name, x_mm: 10, y_mm: 10, width_mm: 60, height_mm: 40, holes: [] }).then((kept) => kept && setName(''));
            }}
        >
            <TextInput size="xs" label="New part on it" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
            <Button type="submit" size="compact-sm" variant="outline">
                Put it on
            </Button>
        </Group>
    );
}
