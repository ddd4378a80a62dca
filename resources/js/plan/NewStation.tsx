import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';

import type { PlanEdits } from './usePlanEdits';

/** A place of the boat named: it is put where its name says, to be measured or dragged from there. */
export function NewStation({ edits }: { edits: PlanEdits }) {
    const [name, setName] = useState('');
    return (
        <Group component="form" align="end" gap={8} mt={8}
            
            onSubmit={(event) => {
                event.preventDefault();
                void edits.submit(() => ({ propose: { make: 'station', name } })).then((kept) => kept && setName(''));
            }}
        >
            <TextInput size="xs" label="New station" placeholder="as Bow locker" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
            <Button type="submit" size="compact-sm" variant="outline">
                Put it aboard
            </Button>
        </Group>
    );
}
