import { Box, Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import { PartField } from '../plan/PartField';
import { length, useUnits } from '../units/units';
import type { PlacesProps } from './places';

/** Where a steering compass sits: wires that lie apart near it turn it. */
export function CompassFields({ job, edits }: Pick<PlacesProps, 'job' | 'edits'>) {
    const { system } = useUnits();
    const [forward, setForward] = useState('');
    const [port, setPort] = useState('');
    const fixed = !job.can_change;
    const at = job.plan.boat?.compass_m;
    return (
        <Box component="section" mb={14} aria-label="Steering compass">
            {at !== undefined ? (
                <Group gap="4px 16px" align="baseline">
                    <span>Steering compass</span>
                    <label>
                        forward of the transom <PartField edits={edits} readOnly={fixed} on="plan" field="boat.compass_m.x_m" label="Steering compass, forward of the transom" value={length(at.x_m, system)} />
                    </label>
                    <label>
                        to port <PartField edits={edits} readOnly={fixed} on="plan" field="boat.compass_m.y_m" label="Steering compass, to port" value={length(at.y_m, system)} />
                    </label>
                    {!fixed && (
                        <Act aria-label="She has no steering compass" onClick={() => void edits.submit(() => ({ patch: [{ on: 'plan', unset: ['boat.compass_m'] }] }))}>
                            take out
                        </Act>
                    )}
                </Group>
            ) : (
                !fixed && (
                    <Group component="form" align="end" gap={8} mt={8}
                        
                        onSubmit={(event) => {
                            event.preventDefault();
                            void edits.submit(() => ({ typed: { on: 'plan', fields: [{ field: 'boat.compass_m.x_m', text: forward }, { field: 'boat.compass_m.y_m', text: port }] } }));
                        }}
                    >
                        <TextInput size="xs" label="A steering compass, forward of the transom" value={forward} onChange={(event) => setForward(event.currentTarget.value)} required />
                        <TextInput size="xs" label="to port (− starboard)" value={port} onChange={(event) => setPort(event.currentTarget.value)} required />
                        <Button type="submit" size="compact-sm" variant="outline">
                            It sits there
                        </Button>
                    </Group>
                )
            )}
        </Box>
    );
}
