import { FittingSign } from '../drawings/FittingSign';
import { HeadRow } from '../look/HeadRow';
import table from '../look/table.module.css';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { length, useUnits } from '../units/units';
import { placed, seated } from './drawingEdits';
import { FITTED } from './fitted';
import classes from './FittingsList.module.css';
import type { PlacesProps } from './places';
import { stationChoices } from '../boat/stationName';

/** Where every battery, fuse block and device sits: at its station, or a device at a place of its own. */
export function FittingsList({ job, layout, edits, chosen, onChoose }: PlacesProps) {
    const { system } = useUnits();
    const fixed = !job.can_change;
    const stations = stationChoices(job);
    return layout.fittings.length === 0 ? null : (
        <section className={table.section} aria-label="What sits where">
            <table className={table.table}>
                <HeadRow heads={['what sits where', 'kind', 'at', 'forward of the transom', 'to port (− starboard)']} unseen="to be done" />
                <tbody>
                    {layout.fittings.map((fitting) => {
                        const { on, label } = fitting;
                        const isDevice = on.startsWith('device:');
                        const at = isDevice && fitting.own_place ? job.plan.devices?.find((one) => `device:${one.id}` === on)?.at_m : undefined;
                        return (
                            <tr key={on} data-sits={on} data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                                <td>{label}</td>
                                <td>
                                    {fitting.kind !== 'battery' && (
                                        <svg viewBox="-10 -10 20 20" width={20} height={20} className={classes.sign} aria-hidden="true">
                                            <FittingSign kind={fitting.kind} pixel={1} />
                                        </svg>
                                    )}{' '}
                                    {FITTED[fitting.kind]}
                                </td>
                                <td>
                                    <PlaceSelect label={`Station of ${label}`} value={fitting.station ?? ''} choices={stations} readOnly={fixed} onChosen={(station) => void edits.submit(() => ({ patch: [{ on, set: { station } }] }))} />
                                </td>
                                <td>{at !== undefined && <PartField edits={edits} readOnly={fixed} on={on} field="at_m.x_m" label={`${label}, forward of the transom`} value={length(at.x_m, system)} />}</td>
                                <td>{at !== undefined && <PartField edits={edits} readOnly={fixed} on={on} field="at_m.y_m" label={`${label}, to port`} value={length(at.y_m, system)} />}</td>
                                <td>
                                    {isDevice && !fixed && fitting.station !== null && (
                                        <button type="button" className="act" aria-label={at === undefined ? `Give ${label} a place of its own` : `Put ${label} at its station`} onClick={() => void edits.submit((now) => (at === undefined ? placed(now, on, (place) => place) : seated(on, fitting.station ?? '')))}>
                                            {at === undefined ? 'a place of its own' : 'at its station'}
                                        </button>
                                    )}
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </section>
    );
}
