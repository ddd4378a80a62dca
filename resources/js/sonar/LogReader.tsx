import { FileInput, Progress, Table, Title } from '@mantine/core';
import { useState } from 'react';

import type { SentenceLog } from '../api/types';
import { HeadRow } from '../look/HeadRow';
import { useUnits } from '../units/units';
import { measuredWords } from './measuredWords';
import { readLog } from './readLog';

/** A log of sentences from a card, read piece by piece: what it says, and the lines that are no sentences. */
export function LogReader() {
    const { system } = useUnits();
    const [log, setLog] = useState<SentenceLog | null>(null);
    const [share, setShare] = useState<number | null>(null);
    const [error, setError] = useState<string | null>(null);
    const read = async (file: File | null) => {
        setLog(null);
        setError(null);
        if (file === null) {
            return;
        }
        setShare(0);
        try {
            setLog(await readLog(file, setShare));
        } catch (refusal) {
            setError(refusal instanceof Error ? refusal.message : 'It could not be read.');
        }
        setShare(null);
    };
    return (
        <section aria-label="Log of sentences">
            <Title order={3} size={15} mt={12}>
                Log of sentences
            </Title>
            <FileInput label="Read a log" description=".txt or .log, of any length; nothing of it is kept" accept=".txt,.log,.nmea,text/plain" size="xs" maw={320} clearable error={error} onChange={(file) => void read(file)} />
            {share !== null && <Progress mt={8} maw={320} value={100 * share} aria-label="Read so far" />}
            {log !== null && (
                <>
                    <p data-figure="log">
                        {log.sentences} sentences in {log.lines} lines: {Object.entries(log.kinds).map(([kind, count]) => `${kind} ${count}`).join(', ')}. {log.refused === 0 ? 'None was refused.' : `${log.refused} refused.`}
                    </p>
                    {log.values.length > 0 && (
                        <Table>
                            <HeadRow heads={['Measured', 'Least', 'Most', 'Last']} />
                            <Table.Tbody>
                                {log.values.map((one) => (
                                    <Table.Tr key={one.measured}>
                                        <Table.Th scope="row">{one.label}</Table.Th>
                                        {[one.least, one.most, one.last].map((value, at) => (
                                            <Table.Td key={at} className="figure">
                                                {measuredWords({ ...one, value }, system)}
                                            </Table.Td>
                                        ))}
                                    </Table.Tr>
                                ))}
                            </Table.Tbody>
                        </Table>
                    )}
                    {log.listed.length > 0 && (
                        <Table mt={8}>
                            <HeadRow heads={['Line', 'Refused', 'What stands there']} />
                            <Table.Tbody>
                                {log.listed.map((one) => (
                                    <Table.Tr key={one.line} data-refused-line={one.line}>
                                        <Table.Th scope="row" className="figure">
                                            {one.line}
                                        </Table.Th>
                                        <Table.Td>{one.why}</Table.Td>
                                        <Table.Td className="figure">{one.text}</Table.Td>
                                    </Table.Tr>
                                ))}
                            </Table.Tbody>
                        </Table>
                    )}
                    {log.refused > log.listed.length && <p>The first {log.listed.length} are listed.</p>}
                </>
            )}
        </section>
    );
}
