import { Box, Button, Group, SegmentedControl, Text, UnstyledButton } from '@mantine/core';

import type { Bench } from '../api/types';
import { Caution } from '../look/Caution';
import { Region } from '../look/Region';
import { volts } from '../units/units';
import classes from './OrderOfConnection.module.css';
import type { First } from '../plan/useBench';

interface Props {
    bench: Bench;
    /** steps done */
    done: number;
    onDone: (steps: number) => void;
    onFirst: (first: First) => void;
}

/** The order of connection, played back post by post: the drawing above holds what is landed so far. */
export function OrderOfConnection({ bench, done, onDone, onFirst }: Props) {
    const last = bench.order.length;
    const step = bench.order[done - 1];
    return (
        <Region label="Order of connection">
            <Group gap="6px 12px">
                <Button size="compact-md" variant="outline" disabled={done === 0} onClick={() => onDone(done - 1)}>
                    Step back
                </Button>
                <Button size="compact-md" disabled={done === last} onClick={() => onDone(done + 1)}>
                    Next step
                </Button>
                <span data-figure="order:step">
                    {done} of {last}
                </span>
                <Group gap={6} role="group" aria-label="First on the posts">
                    First on the posts
                    <SegmentedControl
                        size="xs"
                        aria-label="First on the posts"
                        data={[
                            { value: 'charger', label: 'charger leads' },
                            { value: 'jumpers', label: 'jumpers' },
                        ]}
                        value={bench.first}
                        onChange={(first) => onFirst(first)}
                        transitionDuration={0}
                    />
                </Group>
            </Group>
            <Box mih={58} my={6} aria-live="polite">
                {step === undefined ? (
                    'Nothing is landed yet.'
                ) : (
                    <>
                        <Text fz={18} fw={600}>
                            {step.says}
                            {step.volts !== null && step.volts > 0 && (
                                <Text span inherit fw={400}>
                                    {' '}
                                    {volts(step.volts, 0)} from the common negative.
                                </Text>
                            )}
                        </Text>
                        {step.caution !== null && <Caution>{step.caution}</Caution>}
                    </>
                )}
            </Box>
            <ol className={classes.list}>
                {bench.order.map((one, at) => (
                    <li key={`${at}`} aria-current={at === done - 1 ? 'step' : undefined} data-done={at < done || undefined}>
                        <UnstyledButton display="inline" className="act" ta="start" fz="inherit" fw="inherit" c="inherit" onClick={() => onDone(at + 1)}>
                            {one.says}
                        </UnstyledButton>
                    </li>
                ))}
            </ol>
        </Region>
    );
}
