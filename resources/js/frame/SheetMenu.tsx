import { Button, Menu, NavLink, Stack } from '@mantine/core';
import { Fragment, useRef, useState } from 'react';
import { useNavigate } from 'react-router-dom';

import type { PlannedJob } from '../api/types';
import { useNarrow } from '../look/useNarrow';
import { useUnits } from '../units/units';
import { Below } from './Below';

export interface SheetMenuProps {
    job: PlannedJob;
    onImport: (file: File) => void;
    onAsk: (what: 'keys' | 'log') => void;
    onWhy: () => void;
    /** the boat herself is taken in hand */
    onHand: () => void;
    onFind: () => void;
}

/** A line of the menu: an address of the server, or an act. */
type Line = { label: string } & ({ href: string } | { act: () => void });

/** What leaves the boat as a sheet or a file, what comes in as one, and everything that has a key, for who uses none. */
export function SheetMenu({ job, onImport, onAsk, onWhy, onHand, onFind, isOpen }: SheetMenuProps & { isOpen: boolean }) {
    const { system, choose } = useUnits();
    const isNarrow = useNarrow();
    const navigate = useNavigate();
    const file = useRef<HTMLInputElement>(null);
    const files: Line[] = [
        { label: 'Work sheet (PDF)', href: `/api/jobs/${job.id}/work-sheet?units=${system}` },
        { label: 'Export the plan file', href: `/api/jobs/${job.id}/plan` },
        ...(job.can_change
            ? [
                  { label: 'Replace the plan by a file…', act: () => file.current?.click() },
                  { label: 'Another boat like her…', act: () => void navigate(`/?like=${job.id}`) },
              ]
            : []),
    ];
    const keys = (key: string) => (isNarrow ? '' : ` (${key})`);
    const acts: Line[] = [
        ...(isNarrow ? [{ label: system === 'metric' ? 'In feet and AWG' : 'In metres and mm²', act: () => choose(system === 'metric' ? 'imperial' : 'metric') }] : []),
        { label: 'Boat and plan in hand', act: onHand },
        { label: `Why${keys('w')}`, act: onWhy },
        { label: `Log of changes${keys('l')}`, act: () => onAsk('log') },
        { label: `Find${keys('/')}`, act: onFind },
        { label: `Keys${keys('?')}`, act: () => onAsk('keys') },
    ];
    return (
        <>
            {isNarrow ? <FromBelow groups={[files, acts]} isOpen={isOpen} /> : <FromAbove groups={[files, acts]} isOpen={isOpen} />}
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

const NAME = 'Sheet and file';

interface Groups {
    groups: Line[][];
    isOpen: boolean;
}

/** At the desk, under its button. */
function FromAbove({ groups, isOpen }: Groups) {
    return (
        <Menu defaultOpened={isOpen} position="bottom-end" transitionProps={{ duration: 0 }} withinPortal={false} withInitialFocusPlaceholder={false}>
            <Menu.Target>
                <Button size="compact-md">{NAME}</Button>
            </Menu.Target>
            <Menu.Dropdown>
                {groups.map((lines, at) => (
                    <Fragment key={at}>
                        {at > 0 && <Menu.Divider />}
                        {lines.map((line) => (
                            <ToPress key={line.label} line={line} />
                        ))}
                    </Fragment>
                ))}
            </Menu.Dropdown>
        </Menu>
    );
}

/** On a phone, within reach of the thumb. */
function FromBelow({ groups, isOpen }: Groups) {
    const [opened, setOpened] = useState(isOpen);
    const close = () => setOpened(false);
    return (
        <>
            <Button size="compact-md" aria-haspopup="dialog" aria-expanded={opened} onClick={() => setOpened(true)}>
                {NAME}
            </Button>
            <Below label={NAME} opened={opened} onClose={close} isWhole>
                <Stack component="nav" aria-label={NAME} gap={0} p="8px 12px 20px">
                    {groups.flat().map((line) => (
                        <ToTap key={line.label} line={line} onTapped={close} />
                    ))}
                    <Button mt={8} size="md" variant="outline" onClick={close}>
                        Close
                    </Button>
                </Stack>
            </Below>
        </>
    );
}

function ToPress({ line }: { line: Line }) {
    return 'href' in line ? (
        <Menu.Item component="a" href={line.href}>
            {line.label}
        </Menu.Item>
    ) : (
        <Menu.Item onClick={line.act}>{line.label}</Menu.Item>
    );
}

/** Read at arm's length. */
const LARGE = { label: { fontSize: '1.0625rem' } };

function ToTap({ line, onTapped }: { line: Line; onTapped: () => void }) {
    return 'href' in line ? (
        <NavLink href={line.href} label={line.label} mih={48} styles={LARGE} onClick={onTapped} />
    ) : (
        <NavLink
            component="button"
            label={line.label}
            mih={48}
            styles={LARGE}
            onClick={() => {
                onTapped();
                line.act();
            }}
        />
    );
}
