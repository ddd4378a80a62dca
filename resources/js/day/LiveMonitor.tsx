import { Group, Paper, Switch, Text } from '@mantine/core';
import { useEffect } from 'react';

import type { PlannedJob } from '../api/types';
import { useInstruments } from '../plan/useInstruments';
import { amps, hours, percent, volts } from '../units/units';

/** What a monitor says this second, where on the day it is. */
export interface LiveReading {
    minute: number;
    charge: number;
}

interface Props {
    job: PlannedJob;
    isOn: boolean;
    onOn: (on: boolean) => void;
    onReading: (reading: LiveReading | null) => void;
}

/** A monitor on the boat's network, watched while it speaks: its figures, and its place on the day strip. */
export function LiveMonitor({ job, isOn, onOn, onReading }: Props) {
    const told = useInstruments(job, isOn);
    const speaking = told.data?.instruments.find(({ heard }) => heard?.values.some(({ measured }) => measured === 'charge' || measured === 'amps') === true);
    const value = (measured: string) => speaking?.heard?.values.find((one) => one.measured === measured)?.value ?? null;
    const [minute, charge] = [value('minutes-out'), value('charge')];
    useEffect(() => {
        onReading(isOn && minute !== null && charge !== null ? { minute, charge: charge / 100 } : null);
    }, [isOn, minute, charge, onReading]);
    const figures: [string, string][] = [
        ['volts', volts(value('volts'), 2)],
        ['out of it', amps(value('amps'))],
        ['charge', percent(charge)],
        ['since leaving', hours(minute === null ? null : minute / 60)],
    ];
    return (
        <div>
            <Switch label="Watch a monitor on her network" checked={isOn} onChange={(event) => onOn(event.currentTarget.checked)} />
            {isOn &&
                (speaking === undefined ? (
                    <p role="status">{told.error?.message ?? 'No monitor is heard. Its network is registered by the owner under Settings; bin/instruments plays one that lives through a day.'}</p>
                ) : (
                    <Group gap={8} mt={8} data-live={speaking.name}>
                        {figures.map(([label, words]) => (
                            <Paper key={label} withBorder p={8} miw={130}>
                                <Text size="sm" c="var(--ink-soft)">
                                    {label}
                                </Text>
                                <Text className="figure" fz={{ base: 22, sm: 28 }} lh="32px" fw={600}>
                                    {words}
                                </Text>
                            </Paper>
                        ))}
                    </Group>
                ))}
        </div>
    );
}
