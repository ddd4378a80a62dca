import { Switch } from '@mantine/core';
import { useState } from 'react';

import { setSingleKeys, singleKeysOn } from './shortcuts';

/** Whether single keys act, chosen by each person for their browser. */
export function SingleKeysSwitch() {
    const [on, setOn] = useState(singleKeysOn);
    return (
        <Switch
            label="Single keys act while no field has the focus"
            checked={on}
            onChange={(event) => {
                setSingleKeys(event.currentTarget.checked);
                setOn(event.currentTarget.checked);
            }}
        />
    );
}
