import { useState } from 'react';

import table from '../look/table.module.css';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { TakeOut } from '../plan/TakeOut';
import { length, small, useUnits } from '../units/units';
import { choicesOf } from '../api/forms';
import type { PlacesProps, Way } from './places';
import { stationName } from '../boat/stationName';
import { WayDetails } from './WayDetails';


/** A way with what decides how it is wired; what lies in it, holds it and bends it is below on request. */
export function WayRow({ way, job, layout, edits, chosen, onChoose }: PlacesProps & { way: Way }) {
    const { system } = useUnits();
    const [more, setMore] = useState(false);
    const fixed = !job.can_change;
    const on = `way:${way.id}`;
    const label = `${stationName(job, way.from)} to ${stationName(job, way.to)}`;
    const facts = layout.ways.find((one) => one.id === way.id);
    const drawn = facts?.drawn_m ?? way.length_m;
    const differs = way.length_m - drawn;
    const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    const check = (field: 'curved' | 'old_wire' | 'pull_cord', words: string) => (
        <input type="checkbox" aria-label={`${label}: ${words}`} checked={way[field] ?? false} disabled={fixed} onChange={(event) => set({ [field]: event.currentTarget.checked })} />
    );
    return (
        <>
            <tr data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                <td>{label}</td>
                <td>
                    <PartField edits={edits} readOnly={fixed} on={on} field="length_m" label={`Length from ${label}`} value={length(way.length_m, system)} figure={`way-${way.id}`} />
                </td>
                <td className={table.figure}>
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
                                <button type="button" className="act" aria-label={`measure here, along the drawing: ${label}`} onClick={() => void edits.submit(() => ({ propose: { make: 'drawn', way: way.id } }))}>
                                    measure here
                                </button>
                            )}
                        </>
                    )}
                </td>
                <td>
                    <PlaceSelect label={`Kind of way from ${label}`} value={way.kind ?? ''} choices={choicesOf('way.kind')} readOnly={fixed} onChosen={(kind) => set({ kind })} />
                </td>
                <td>
                    <PartField edits={edits} readOnly={fixed} on={on} field="bore_mm" label={`Bore from ${label}`} value={small(way.bore_mm, system)} />
                </td>
                <td>{check('curved', 'curved')}</td>
                <td>{check('old_wire', 'an old wire lies in it')}</td>
                <td>{check('pull_cord', 'a pull cord stays in it')}</td>
                <td>
                    <button type="button" className="act" aria-expanded={more} aria-label={`${more ? 'less' : 'more'} of ${label}`} onClick={() => setMore(!more)}>
                        {more ? 'less' : 'more'}
                    </button>{' '}
                    {!fixed && <TakeOut edits={edits} on={on} label={`the way from ${label}`} />}
                </td>
            </tr>
            {more && (
                <tr>
                    <td colSpan={9}>
                        <WayDetails way={way} support={facts?.support_m} label={label} job={job} edits={edits} />
                    </td>
                </tr>
            )}
        </>
    );
}
