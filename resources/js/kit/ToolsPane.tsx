import { Table } from '@mantine/core';

import type { Kit } from '../api/types';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';

/** What lies ready before the first cut. */
export function ToolsPane({ kit }: { kit: Kit }) {
    const cautions = [...new Set(kit.tools.map((tool) => tool.caution).filter((caution) => caution !== null))];
    return (
        <>
            {cautions.map((caution) => (
                <Caution key={caution}>{caution}</Caution>
            ))}
            <Table>
                <HeadRow heads={['Tool', 'Sizes', 'For', 'In the shop']} />
                <Table.Tbody>
                    {kit.tools.map((tool) => (
                        <Table.Tr key={tool.name} data-tool={tool.name}>
                            <Table.Th scope="row">{tool.name}</Table.Th>
                            <Table.Td>{tool.sizes.join(', ')}</Table.Td>
                            <Table.Td className="figure">{tool.for.length}</Table.Td>
                            <Table.Td>{tool.owned === null ? <span className="quiet">nobody has said: list it under Stock</span> : <Verdict good={tool.owned}>{tool.owned ? 'there' : 'missing'}</Verdict>}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
        </>
    );
}
