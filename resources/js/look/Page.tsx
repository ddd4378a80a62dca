import { Box, Group, Text, Title } from '@mantine/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router-dom';

interface Props {
    title: string;
    /** what is said under it; absent: the way back to the shed */
    lead?: ReactNode;
    /** what can be done with all of it */
    acts?: ReactNode;
    /** px that it is never wider than */
    widest?: number;
    children: ReactNode;
}

/** A page of its own, beside the boats: its name large above a line. */
export function Page({ title, lead, acts, widest = 1100, children }: Props) {
    return (
        <Box component="main" maw={widest} mx="auto" px={{ base: 14, sm: 28 }} pt={20} pb={32}>
            <Group component="header" justify="space-between" align="end" gap={12} pb={12} style={{ borderBottom: '1.5px solid var(--ink)' }}>
                <div>
                    <Title order={1} size={34} lh={1}>
                        {title}
                    </Title>
                    {lead === undefined ? (
                        <Link to="/">to the shed</Link>
                    ) : (
                        <Text mt={4} c="var(--ink-soft)">
                            {lead}
                        </Text>
                    )}
                </div>
                {acts !== undefined && <Group gap={12}>{acts}</Group>}
            </Group>
            {children}
        </Box>
    );
}
