import { Text, type TextProps } from '@mantine/core';
import type { ReactNode } from 'react';

interface Props extends TextProps {
    /** null: it is in doubt, or nobody knows yet */
    good: boolean | null;
    children: ReactNode;
    'data-figure'?: string;
}

/** Words that say whether something is right. */
export function Verdict({ good, ...rest }: Props) {
    return <Text span inherit fw={600} c={good === null ? 'var(--ochre)' : good ? 'var(--moss)' : 'var(--brick)'} {...rest} />;
}
