import { Box, type BoxProps } from '@mantine/core';
import type { ComponentPropsWithoutRef } from 'react';

/** One of many things that were written down, with its fields. */
export function Entry(props: BoxProps & ComponentPropsWithoutRef<'article'>) {
    return <Box component="article" px={12} mb={14} fz={14} style={{ borderLeft: '4px solid var(--ink)' }} {...props} />;
}
