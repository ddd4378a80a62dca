import { Switch } from '@mantine/core';
import { useState } from 'react';

import { Dialog } from './Dialog';
import { setSingleKeys, singleKeysOn } from './shortcuts';

const KEYS = [
    ['] or .', 'the selected run one gauge thicker'],
    ['[ or ,', 'one gauge thinner'],
    ['j and k', 'next and previous run'],
    ['w', 'why: the reason of a figure'],
    ['z or Ctrl+Z', 'undo'],
    ['y or Ctrl+Shift+Z', 'redo'],
    ['1 to 7', 'lower pane: findings, runs, volt profile, battery bench, what burns first, supply, order of connection'],
    ['t', 'the power tree above'],
    ['a', 'add a part of the catalogue'],
    ['o', 'order of connection, post by post'],
    ['l', 'log of changes'],
    ['arrows and r', 'on the bench: move and turn the battery that has the focus'],
    ['p', 'pick up the probes of the meter'],
    ['/', 'find a run, a device, a finding, a command'],
    ['?', 'these keys'],
] as const;

export function Keys({ opened, onClose }: { opened: boolean; onClose: () => void }) {
    const [on, setOn] = useState(singleKeysOn);
    return (
        <Dialog opened={opened} onClose={onClose} title="Keys">
            <dl style={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: '4px 16px', margin: '0 0 16px' }}>
                {KEYS.map(([key, what]) => (
                    <div key={key} style={{ display: 'contents' }}>
                        <dt className="figure">{key}</dt>
                        <dd style={{ margin: 0 }}>{what}</dd>
                    </div>
                ))}
            </dl>
            <Switch
                label="Single keys act while no field has the focus"
                checked={on}
                onChange={(event) => {
                    setSingleKeys(event.currentTarget.checked);
                    setOn(event.currentTarget.checked);
                }}
            />
        </Dialog>
    );
}
