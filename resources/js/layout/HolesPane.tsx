import { Button, Checkbox, Group, Text, TextInput } from '@mantine/core';
import { useState } from 'react';

import { choicesOf } from '../api/forms';
import type { Layout, PlannedJob } from '../api/types';
import { Caution } from '../look/Caution';
import { Entry } from '../look/Entry';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { TakeOut } from '../plan/TakeOut';
import type { PlanEdits } from '../plan/usePlanEdits';
import { small, useUnits } from '../units/units';
import { stationChoices } from '../boat/stationName';


/** Every hole that is to be drilled, with what is behind it, how it is drilled and sealed. */
export function HolesPane({ job, layout, edits }: { job: PlannedJob; layout: Layout; edits: PlanEdits }) {
    const { system } = useUnits();
    const [name, setName] = useState('');
    const fixed = !job.can_change;
    const stations = stationChoices(job);
    const set = (on: string, fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    return (
        <>
            <Caution>Look behind every panel before you drill, with a small camera through an opening that is there. Never drill where you cannot see. Battery off, eyes covered.</Caution>
            {(job.plan.holes ?? []).map((hole) => {
                const on = `hole:${hole.id}`;
                const facts = layout.holes.find((one) => one.id === hole.id);
                const label = facts?.label ?? hole.id;
                const seen = (hole.behind ?? '').trim() !== '';
                return (
                    <Entry key={hole.id} data-hole={hole.id}>
                        <Text mb={4}>
                            <strong>{label}</strong>: {seen ? <Verdict good>looked behind</Verdict> : <Verdict good={false}>stop, nobody has looked behind it</Verdict>}
                        </Text>
                        <Group gap="4px 16px" align="baseline">
                            <label>
                                called <PartField edits={edits} readOnly={fixed} on={on} field="name" label={`Name of ${label}`} value={hole.name ?? ''} words />
                            </label>
                            <label>
                                at <PlaceSelect label={`Place of ${label}`} value={hole.station ?? ''} choices={stations} readOnly={fixed} onChosen={(station) => set(on, { station })} />
                            </label>
                            <label>
                                for a <PlaceSelect label={`What ${label} is for`} value={hole.for ?? 'screw'} choices={choicesOf('hole.for')} readOnly={fixed} onChosen={(use) => set(on, { for: use })} />
                            </label>
                            <label>
                                across <PartField edits={edits} readOnly={fixed} on={on} field="diameter_mm" label={`Diameter of ${label}`} value={small(hole.diameter_mm, system)} />
                            </label>
                            <label>
                                through <PlaceSelect label={`What ${label} goes through`} value={hole.material ?? 'fibreglass'} choices={choicesOf('hole.material')} readOnly={fixed} onChosen={(material) => set(on, { material })} />
                            </label>
                            <Checkbox aria-label={`${label} is below the water`} checked={hole.below_water ?? false} disabled={fixed} onChange={(event) => set(on, { below_water: event.currentTarget.checked })} label="below the water" />
                            <label>
                                behind it <PartField edits={edits} readOnly={fixed} on={on} field="behind" label={`What is behind ${label}`} value={hole.behind ?? ''} words />
                            </label>
                            {!fixed && (
                                <TakeOut edits={edits} on={on} label={label} />
                            )}
                        </Group>
                        <p className="quiet">
                            {facts?.drill} {facts?.sealant}
                        </p>
                    </Entry>
                );
            })}
            {!fixed && (
                <Group component="form" align="end" gap={8} mt={8}
                    
                    onSubmit={(event) => {
                        event.preventDefault();
                        void edits.submit(() => ({ propose: { make: 'part', kind: 'hole', name, part: { name, diameter_mm: 5 } } })).then((kept) => kept && setName(''));
                    }}
                >
                    <TextInput size="xs" label="New hole" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
                    <Button type="submit" size="compact-sm" variant="outline">
                        Add it
                    </Button>
                </Group>
            )}
        </>
    );
}
