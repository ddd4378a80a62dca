import { Button, Menu } from '@mantine/core';
import { useRef } from 'react';
import { Link } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { useNarrow } from '../look/useNarrow';
import { useUnits } from '../units/units';

export interface SheetMenuProps {
    job: PlannedJob;
    onImport: (file: File) => void;
    onAsk: (what: 'keys' | 'log') => void;
    onWhy: () => void;
    /** the boat herself is taken in hand */
    onHand: () => void;
    onFind: () => void;
}

/** What leaves the boat as a sheet or a file, what comes in as one, and everything that has a key, for who uses none. */
export function SheetMenu({ job, onImport, onAsk, onWhy, onHand, onFind, isOpen }: SheetMenuProps & { isOpen: boolean }) {
    const { system, choose } = useUnits();
    const isNarrow = useNarrow();
    const file = useRef<HTMLInputElement>(null);
    return (
        <>
            <Menu defaultOpened={isOpen} position="bottom-end" transitionProps={{ duration: 0 }}>
                <Menu.Target>
                    <Button size="compact-md">Sheet and file</Button>
                </Menu.Target>
                <Menu.Dropdown>
                    <Menu.Item component="a" href={`/api/jobs/${job.id}/work-sheet?units=${system}`}>
                        Work sheet (PDF)
                    </Menu.Item>
                    <Menu.Item component="a" href={`/api/jobs/${job.id}/plan`}>
                        Export the plan file
                    </Menu.Item>
                    {job.can_change && <Menu.Item onClick={() => file.current?.click()}>Replace the plan by a file…</Menu.Item>}
                    {job.can_change && (
                        <Menu.Item component={Link} to={`/?like=${job.id}`}>
                            Another boat like her…
                        </Menu.Item>
                    )}
                    <Menu.Divider />
                    {isNarrow && <Menu.Item onClick={() => choose(system === 'metric' ? 'imperial' : 'metric')}>{system === 'metric' ? 'In feet and AWG' : 'In metres and mm²'}</Menu.Item>}
                    <Menu.Item onClick={onHand}>Boat and plan in hand</Menu.Item>
                    <Menu.Item onClick={onWhy}>Why (w)</Menu.Item>
                    <Menu.Item onClick={() => onAsk('log')}>Log of changes (l)</Menu.Item>
                    <Menu.Item onClick={onFind}>Find (/)</Menu.Item>
                    <Menu.Item onClick={() => onAsk('keys')}>Keys (?)</Menu.Item>
                </Menu.Dropdown>
            </Menu>
            <input
                ref={file}
                type="file"
                accept="application/json,.json"
                hidden
                aria-label="Plan file"
                onChange={(event) => {
                    const chosen = event.currentTarget.files?.[0];
                    if (chosen !== undefined) {
                        onImport(chosen);
                    }
                    event.currentTarget.value = '';
                }}
            />
        </>
    );
}
