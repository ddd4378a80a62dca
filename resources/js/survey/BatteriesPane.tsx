import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';

import type { PlannedJob, Survey } from '../api/types';
import { stationName } from '../layout/stationName';
import table from '../look/table.module.css';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, percent, volts } from '../units/units';

const CHEMISTRIES = [['flooded', 'flooded lead'], ['agm', 'AGM'], ['gel', 'gel'], ['lifepo4', 'LiFePO4'], ['other-lithium', 'other lithium']] as const;
const CORROSION = [['none', 'none'], ['light', 'light'], ['heavy', 'heavy']] as const;
const TERMINALS = [['nut', 'proper nuts'], ['wing-nut', 'wing nuts'], ['loose', 'loose'], ['damaged', 'damaged']] as const;
const VERDICT = { keep: ['Keep', 'good'], replace: ['Replace', 'bad'], charge: ['Charge, measure again', 'doubt'] } as const;

/** The batteries that came with the boat, and whether each is kept. */
export function BatteriesPane({ job, survey, edits }: { job: PlannedJob; survey: Survey; edits: PlanEdits }) {
    const [name, setName] = useState('');
    const fixed = !job.can_change;
    const stations = (job.plan.boat?.stations ?? []).map((station) => [station.id, stationName(job, station.id)] as const);
    return (
        <>
            <p className={table.caution}>Unplug the charger from the wall first. Rings off, insulated spanner, one terminal at a time: a short across a battery welds tools.</p>
            <table className={table.table}>
                <thead>
                    <tr>
                        {['battery', 'at', 'kind', 'size', 'of', 'rests at', 'at °C', 'loaded', 'at', 'corrosion', 'terminals', 'held down', 'charge', 'judged', ''].map((head, at) => (
                            <th key={at} scope="col">
                                {head}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {(job.plan.survey?.batteries ?? []).map((battery) => {
                        const on = `found:${battery.id}`;
                        const judged = survey.batteries.find((one) => one.id === battery.id);
                        const label = judged?.label ?? battery.id;
                        const [word, look] = VERDICT[judged?.verdict ?? 'charge'];
                        const field = (path: string, words: string, value: string, isText = false) => <PartField edits={edits} readOnly={fixed} on={on} field={path} label={`${label}: ${words}`} value={value} words={isText} />;
                        const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
                        return (
                            <tr key={battery.id} data-found={battery.id}>
                                <td>{field('name', 'name', label, true)}</td>
                                <td>
                                    <PlaceSelect label={`${label}: place`} value={battery.station ?? ''} choices={stations} readOnly={fixed} onChosen={(station) => set({ station })} />
                                </td>
                                <td>
                                    <PlaceSelect label={`${label}: kind`} value={battery.chemistry} choices={CHEMISTRIES} readOnly={fixed} onChosen={(chemistry) => set({ chemistry })} />
                                </td>
                                <td>{field('capacity_ah', 'capacity', battery.capacity_ah === undefined ? '–' : `${battery.capacity_ah} Ah`)}</td>
                                <td>{field('commissioned', 'month it is of', battery.commissioned ?? '–', true)}</td>
                                <td>{field('rested_v', 'resting volts', volts(battery.rested_v, 2))}</td>
                                <td>{field('celsius', 'temperature', battery.celsius === undefined ? '–' : `${battery.celsius} °C`)}</td>
                                <td>{field('loaded_v', 'volts under load', volts(battery.loaded_v, 2))}</td>
                                <td>{field('loaded_a', 'amps of that load', amps(battery.loaded_a))}</td>
                                <td>
                                    <PlaceSelect label={`${label}: corrosion`} value={battery.corrosion ?? ''} choices={CORROSION} readOnly={fixed} onChosen={(corrosion) => set({ corrosion })} />
                                </td>
                                <td>
                                    <PlaceSelect label={`${label}: terminals`} value={battery.terminals ?? ''} choices={TERMINALS} readOnly={fixed} onChosen={(terminals) => set({ terminals })} />
                                </td>
                                <td>
                                    <input type="checkbox" aria-label={`${label} is held down`} checked={battery.restrained ?? false} disabled={fixed} onChange={(event) => set({ restrained: event.currentTarget.checked })} />
                                </td>
                                <td className={table.figure}>{judged?.charge === null || judged === undefined ? '–' : percent(100 * judged.charge, 0)}</td>
                                <td data-figure={`judged-${battery.id}`}>
                                    <span className={table[look]}>{word}</span>: {judged?.because.join('; ')}
                                </td>
                                <td>
                                    {!fixed && (
                                        <button type="button" className="act" aria-label={`Take out ${label}`} onClick={() => void edits.submit(() => ({ takeOut: on }))}>
                                            take out
                                        </button>
                                    )}
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
            {!fixed && (
                <form
                    className={table.form}
                    onSubmit={(event) => {
                        event.preventDefault();
                        void edits.submit(() => ({ propose: { make: 'part', kind: 'found', name: `old ${name}`, part: { name, chemistry: 'flooded', nominal_v: 12 } } })).then((kept) => kept && setName(''));
                    }}
                >
                    <TextInput size="xs" label="Another battery found" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
                    <Button type="submit" size="compact-sm" variant="outline">
                        Write it down
                    </Button>
                </form>
            )}
        </>
    );
}
