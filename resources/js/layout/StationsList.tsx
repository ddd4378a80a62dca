import { Box, Checkbox, Table } from '@mantine/core';
import { HeadRow } from '../look/HeadRow';
import { NewStation } from '../plan/NewStation';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import { TakeOut } from '../plan/TakeOut';
import { box, length, useUnits } from '../units/units';
import { choicesOf } from '../api/forms';
import type { PlacesProps } from './places';
import { stationName } from '../boat/stationName';


/** The stations of the boat, each with where it is, and a new one. */
export function StationsList({ job, edits, chosen, onChoose }: PlacesProps) {
    const { system } = useUnits();
    const stations = job.plan.boat?.stations ?? [];
    const fixed = !job.can_change;
    const set = (on: string, fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    return (
        <Box component="section" mb={14} aria-label="Stations">
            {stations.length > 0 && (
                <Table>
                    <HeadRow heads={['station', 'forward of the transom', 'to port (− starboard)', 'kind', 'inside', 'lid', 'petrol vapour', 'moves']} unseen="to be done" />
                    <Table.Tbody>
                        {stations.map((station) => {
                            const on = `station:${station.id}`;
                            const label = stationName(job, station.id);
                            return (
                                <Table.Tr key={station.id} data-chosen={chosen === on || undefined} onFocus={() => onChoose(on)}>
                                    <Table.Td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="name" label={`Name of ${label}`} value={label} words />
                                    </Table.Td>
                                    <Table.Td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="x_m" label={`${label}, forward of the transom`} value={length(station.x_m, system)} />
                                    </Table.Td>
                                    <Table.Td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="y_m" label={`${label}, to port`} value={length(station.y_m, system)} />
                                    </Table.Td>
                                    <Table.Td>
                                        <PlaceSelect label={`Kind of ${label}`} value={station.kind ?? ''} choices={choicesOf('station.kind')} readOnly={fixed} onChosen={(kind) => set(on, { kind })} />
                                    </Table.Td>
                                    <Table.Td>
                                        <PartField edits={edits} readOnly={fixed} on={on} field="inside_mm" label={`Inside of ${label}, length × width × height`} value={box(station.inside_mm, system)} />
                                    </Table.Td>
                                    <Table.Td>
                                        <PlaceSelect label={`Lid of ${label}`} value={station.lid ?? 'none'} choices={choicesOf('station.lid')} readOnly={fixed} onChosen={(lid) => set(on, { lid })} />
                                    </Table.Td>
                                    <Table.Td>
                                        <PlaceSelect label={`Petrol vapour at ${label}`} value={station.petrol_vapour === undefined ? '' : station.petrol_vapour ? 'yes' : 'no'} choices={choicesOf('station.petrol_vapour')} readOnly={fixed} onChosen={(vapour) => set(on, { petrol_vapour: vapour === 'yes' })} />
                                    </Table.Td>
                                    <Table.Td>
                                        <Checkbox aria-label={`At ${label} a battery or lid moves`} checked={station.moves ?? false} disabled={fixed} onChange={(event) => set(on, { moves: event.currentTarget.checked })} />
                                    </Table.Td>
                                    <Table.Td>
                                        {!fixed && (
                                            <TakeOut edits={edits} on={on} label={label} />
                                        )}
                                    </Table.Td>
                                </Table.Tr>
                            );
                        })}
                    </Table.Tbody>
                </Table>
            )}
            {stations.length === 0 && <p className="quiet">No station yet: lockers, console, battery places, motor mounts, and where a wire turns. “Bow locker” or “Port gunwale” is put where it says; drag it from there.</p>}
            {!fixed && <NewStation edits={edits} />}
        </Box>
    );
}
