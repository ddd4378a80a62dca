import { Box, Button, FileInput, Group } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import type { TableTold } from '../api/types';

interface Props {
    label: string;
    /** what the whole of it is called */
    region: string;
    /** where the server takes it */
    path: string;
    /** after good lines were kept */
    onKept: () => void;
}

/** Lines from a table: first what would change, then the change. */
export function FromTable({ label, region, path, onKept }: Props) {
    const [file, setFile] = useState<File | null>(null);
    const send = async (keep: boolean) => ask<TableTold>(path, { method: 'POST', body: { csv: file === null ? '' : await file.text(), keep } });
    const look = useMutation({ mutationFn: () => send(false) });
    const keep = useMutation({
        mutationFn: () => send(true),
        onSuccess: onKept,
    });
    const seen = keep.data ?? look.data;
    return (
        <Group component="section" gap="8px 16px" align="end" py={14} style={{ borderBottom: '1px solid var(--hair)' }} aria-label={region}>
            <FileInput
                label={label}
                description="as it goes out; good lines are kept, bad ones named"
                placeholder="choose a .csv file"
                accept="text/csv,.csv"
                value={file}
                clearable
                onChange={(chosen) => {
                    setFile(chosen);
                    look.reset();
                    keep.reset();
                }}
            />
            <Button size="sm" variant="outline" disabled={file === null} loading={look.isPending} onClick={() => look.mutate()}>
                Look what would change
            </Button>
            {(look.error ?? keep.error) !== null && <p role="alert">{(look.error ?? keep.error)?.message}</p>}
            {seen !== undefined && (
                <Box role="status" flex="1 0 100%" fz={14}>
                    <p>
                        <strong>
                            {keep.data === undefined ? 'Would be' : 'Kept'}: {seen.new.length} new, {seen.changed.length} changed, {seen.same} the same, {seen.refused.length} refused.
                        </strong>
                    </p>
                    <ul>
                        {seen.new.map((name) => (
                            <li key={`new ${name}`}>new: {name}</li>
                        ))}
                        {seen.changed.map((name) => (
                            <li key={`changed ${name}`}>
                                changed: {name}; {seen.differences.filter((one) => one.name === name).map((one) => `${one.field.replaceAll('_', ' ')} ${one.was} → ${one.is}`).join(', ')}
                            </li>
                        ))}
                        {seen.refused.map((line) => (
                            <li key={`refused ${line.line}`}>
                                line {line.line}
                                {line.name === '' ? '' : `, ${line.name}`}: {line.why}
                            </li>
                        ))}
                    </ul>
                    {keep.data === undefined && seen.new.length + seen.changed.length > 0 && (
                        <Button size="sm" loading={keep.isPending} onClick={() => keep.mutate()}>
                            Keep the good lines
                        </Button>
                    )}
                </Box>
            )}
        </Group>
    );
}
