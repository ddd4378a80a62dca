import { Button, Group, Text, TextInput } from '@mantine/core';
import { useState } from 'react';

import { choicesOf } from '../api/forms';
import type { PlannedJob, Survey } from '../api/types';
import { stationChoices } from '../boat/stationName';
import { Caution } from '../look/Caution';
import { Entry } from '../look/Entry';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { TakeOut } from '../plan/TakeOut';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, volts } from '../units/units';

const VERDICT = { keep: ['Keep', true], replace: ['Replace', false], charge: ['Charge, measure again', null] } as const;

/** The batteries that came with the boat, and whether each is kept. */
export function BatteriesPane({ job, survey, edits }: { job: PlannedJob; survey: Survey; edits: PlanEdits }) {
    const [name, setName] = useState('');
    const fixed = !job.can_change;
    const stations = stationChoices(job);
    return (
        <>
            <Caution>Unplug the charger from the wall first. Rings off, insulated spanner, one terminal at a time: a short across a battery welds tools.</Caution>
            {(job.plan.survey?.batteries ?? []).length === 0 && <p>No battery was found aboard.</p>}
            {(job.plan.survey?.batteries ?? []).map((battery) => {
                const on = `found:${battery.id}`;
                const judged = survey.batteries.find((one) => one.id === battery.id);
                const label = judged?.label ?? battery.id;
                const [word, isGood] = VERDICT[judged?.verdict ?? 'charge'];
                const field = (path: string, words: string, value: string, isText = false) => (
                    <label>
                        {words} <PartField edits={edits} readOnly={fixed} on={on} field={path} label={`${label}: ${words}`} value={value} words={isText} />
                    </label>
                );
                const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
                const choice = (path: 'station' | 'chemistry' | 'corrosion' | 'terminals', words: string, choices: readonly (readonly [string, string])[]) => (
                    <label>
                        {words} <PlaceSelect label={`${label}: ${words}`} value={battery[path] ?? ''} choices={choices} readOnly={fixed} onChosen={(value) => set({ [path]: value })} />
                    </label>
                );
                return (
                    <Entry key={battery.id} data-found={battery.id}>
                        <Text mb={4} data-figure={`judged-${battery.id}`}>
                            <strong>{label}</strong>: <Verdict good={isGood}>{word}</Verdict>. {sentence(judged?.because ?? [])}
                            {judged?.usable_ah != null && battery.celsius !== undefined && ` At ${battery.celsius} °C it holds ${judged.usable_ah.toFixed(0)} Ah.`}
                            {judged?.internal_mohm != null && ` Inside it has ${judged.internal_mohm.toFixed(1)} mΩ.`}
                        </Text>
                        <Group gap="4px 16px" align="baseline">
                            {field('name', 'called', battery.name ?? '', true)}
                            {choice('station', 'at', stations)}
                            {choice('chemistry', 'kind', choicesOf('found.chemistry'))}
                            {field('nominal_v', 'of', volts(battery.nominal_v, 0))}
                            {field('capacity_ah', 'size', battery.capacity_ah === undefined ? '–' : `${battery.capacity_ah} Ah`)}
                            {field('cca_a', 'cranking amps', battery.cca_a === undefined ? '–' : `${battery.cca_a} A`)}
                            {field('commissioned', 'of year and month', battery.commissioned ?? '–', true)}
                            {field('rested_v', 'rests at', volts(battery.rested_v, 2))}
                            {field('celsius', 'temperature', battery.celsius === undefined ? '–' : `${battery.celsius} °C`)}
                            {field('loaded_v', 'under load', volts(battery.loaded_v, 2))}
                            {field('loaded_a', 'of', amps(battery.loaded_a))}
                            {choice('corrosion', 'corrosion', choicesOf('found.corrosion'))}
                            {choice('terminals', 'terminals', choicesOf('found.terminals'))}
                            <label>
                                held down <PlaceSelect label={`${label}: held down`} value={battery.restrained === undefined ? '' : battery.restrained ? 'yes' : 'no'} choices={choicesOf('found.restrained')} readOnly={fixed} onChosen={(held) => set({ restrained: held === 'yes' })} />
                            </label>
                            {!fixed && (
                                <TakeOut edits={edits} on={on} label={label} />
                            )}
                        </Group>
                    </Entry>
                );
            })}
            {!fixed && (
                <Group component="form" align="end" gap={8} mt={8}
                    
                    onSubmit={(event) => {
                        event.preventDefault();
                        void edits.submit(() => ({ propose: { make: 'part', kind: 'found', name: `old ${name}`, part: { name, chemistry: 'flooded', nominal_v: 12 } } })).then((kept) => kept && setName(''));
                    }}
                >
                    <TextInput size="xs" label="Another battery found" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
                    <Button type="submit" size="compact-sm" variant="outline">
                        Write it down
                    </Button>
                </Group>
            )}
        </>
    );
}

function sentence(because: string[]): string {
    const words = because.join('; ');
    return words === '' ? '' : `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}
