import { Box, Table } from '@mantine/core';
import { Act } from '../look/Act';
import { FittingSign } from '../drawings/FittingSign';
import { HeadRow } from '../look/HeadRow';
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
        <Box component="section" mb={14} aria-label="What sits where">
            <Table>
                <HeadRow heads={['what sits where', 'kind', 'at', 'forward of the transom', 'to port (− starboard)']} unseen="to be done" />
                <Table.Tbody>
                    {layout.fittings.map((fitting) => {
                        const { on, label } = fitting;
                        const isDevice = on.startsWith('device:');
                        const at = isDevice && fitting.own_place ? job.plan.devices?.find((one) => `device:${one.id}` === on)?.at_m : undefined;
                        return (
                            <Table.Tr key={on} data-sits={on} data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                                <Table.Td>{label}</Table.Td>
                                <Table.Td>
                                    {fitting.kind !== 'battery' && (
                                        <svg viewBox="-10 -10 20 20" width={20} height={20} className={classes.sign} aria-hidden="true">
                                            <FittingSign kind={fitting.kind} pixel={1} />
                                        </svg>
                                    )}{' '}
                                    {FITTED[fitting.kind]}
                                </Table.Td>
                                <Table.Td>
                                    <PlaceSelect label={`Station of ${label}`} value={fitting.station ?? ''} choices={stations} readOnly={fixed} onChosen={(station) => void edits.submit(() => ({ patch: [{ on, set: { station } }] }))} />
                                </Table.Td>
                                <Table.Td>{at !== undefined && <PartField edits={edits} readOnly={fixed} on={on} field="at_m.x_m" label={`${label}, forward of the transom`} value={length(at.x_m, system)} />}</Table.Td>
                                <Table.Td>{at !== undefined && <PartField edits={edits} readOnly={fixed} on={on} field="at_m.y_m" label={`${label}, to port`} value={length(at.y_m, system)} />}</Table.Td>
                                <Table.Td>
                                    {isDevice && !fixed && fitting.station !== null && (
                                        <Act aria-label={at === undefined ? `Give ${label} a place of its own` : `Put ${label} at its station`} onClick={() => void edits.submit((now) => (at === undefined ? placed(now, on, (place) => place) : seated(on, fitting.station ?? '')))}>
                                            {at === undefined ? 'a place of its own' : 'at its station'}
                                        </Act>
                                    )}
                                </Table.Td>
                            </Table.Tr>
                        );
                    })}
                </Table.Tbody>
            </Table>
        </Box>
    );
}
