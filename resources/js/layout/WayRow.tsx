import { useState } from 'react';

import { Checkbox, Table } from '@mantine/core';
import { Act } from '../look/Act';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { TakeOut } from '../plan/TakeOut';
import { length, small, useUnits } from '../units/units';
import { choicesOf } from '../api/forms';
import type { PlacesProps, Way } from './places';
import { wayName } from '../boat/stationName';
import { WayDetails } from './WayDetails';


/** A way with what decides how it is wired; what lies in it, holds it and bends it is below on request. */
export function WayRow({ way, job, layout, edits, chosen, onChoose }: PlacesProps & { way: Way }) {
    const { system } = useUnits();
    const [more, setMore] = useState(false);
    const fixed = !job.can_change;
    const on = `way:${way.id}`;
    const label = wayName(job, way);
    const facts = layout.ways.find((one) => one.id === way.id);
    const drawn = facts?.drawn_m ?? way.length_m;
    const differs = way.length_m - drawn;
    const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    const check = (field: 'curved' | 'old_wire' | 'pull_cord', words: string) => (
        <Checkbox aria-label={`${label}: ${words}`} checked={way[field] ?? false} disabled={fixed} onChange={(event) => set({ [field]: event.currentTarget.checked })} />
    );
    return (
        <>
            <Table.Tr data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                <Table.Td>{label}</Table.Td>
                <Table.Td>
                    <PartField edits={edits} readOnly={fixed} on={on} field="length_m" label={`Length from ${label}`} value={length(way.length_m, system)} figure={`way-${way.id}`} />
                </Table.Td>
                <Table.Td className="figure">
                    {length(drawn, system)}
                    {way.measured === 'drawing' ? (
                        <span className="quiet"> followed</span>
                    ) : (
                        <>
                            {Math.abs(differs) >= 0.01 && (
                                <span className="quiet">
                                    {' '}
                                    tape {differs > 0 ? '+' : '−'}
                                    {length(Math.abs(differs), system)}{' '}
                                </span>
                            )}{' '}
                            {!fixed && (
                                <Act aria-label={`measure here, along the drawing: ${label}`} onClick={() => void edits.submit(() => ({ propose: { make: 'drawn', way: way.id } }))}>
                                    measure here
                                </Act>
                            )}
                        </>
                    )}
                </Table.Td>
                <Table.Td>
                    <PlaceSelect label={`Kind of way from ${label}`} value={way.kind ?? ''} choices={choicesOf('way.kind')} readOnly={fixed} onChosen={(kind) => set({ kind })} />
                </Table.Td>
                <Table.Td>
                    <PartField edits={edits} readOnly={fixed} on={on} field="bore_mm" label={`Bore from ${label}`} value={small(way.bore_mm, system)} />
                </Table.Td>
                <Table.Td>{check('curved', 'curved')}</Table.Td>
                <Table.Td>{check('old_wire', 'an old wire lies in it')}</Table.Td>
                <Table.Td>{check('pull_cord', 'a pull cord stays in it')}</Table.Td>
                <Table.Td>
                    <Act aria-expanded={more} aria-label={`${more ? 'less' : 'more'} of ${label}`} onClick={() => setMore(!more)}>
                        {more ? 'less' : 'more'}
                    </Act>{' '}
                    {!fixed && <TakeOut edits={edits} on={on} label={`the way from ${label}`} />}
                </Table.Td>
            </Table.Tr>
            {more && (
                <Table.Tr>
                    <Table.Td colSpan={9}>
                        <WayDetails way={way} support={facts?.support_m} label={label} job={job} edits={edits} />
                    </Table.Td>
                </Table.Tr>
            )}
        </>
    );
}
