import { Table } from '@mantine/core';

/** The heads of a table's columns; one that needs no word to those who see has it for those who do not. */
export function HeadRow({ heads, unseen = '' }: { heads: readonly string[]; unseen?: string }) {
    return (
        <Table.Thead>
            <Table.Tr>
                {heads.map((head) => (
                    <Table.Th key={head} scope="col" fz={13} lh={1.2} c="var(--ink-soft)">
                        {head}
                    </Table.Th>
                ))}
                {unseen !== '' && (
                    <Table.Th scope="col" pos="relative">
                        <span className="unseen">{unseen}</span>
                    </Table.Th>
                )}
            </Table.Tr>
        </Table.Thead>
    );
}
