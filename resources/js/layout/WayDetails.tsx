import { Checkbox, Group } from '@mantine/core';
import { Act } from '../look/Act';
import { choicesOf } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { Entry } from '../look/Entry';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, small, useUnits } from '../units/units';
import { bent, bentOnceMore } from './drawingEdits';
import type { Way } from './places';


/** mm: a cable that lies in a tube already, until it is measured */
const OLD_CABLE = 8;

interface Props {
    way: Way;
    /** m between what holds its wires, said or usual */
    support: number | undefined;
    label: string;
    job: PlannedJob;
    edits: PlanEdits;
}

/** What holds a way's wires, what lies in it from before, and its bends, one by one. */
export function WayDetails({ way, support, label, job, edits }: Props) {
    const { system } = useUnits();
    const fixed = !job.can_change;
    const on = `way:${way.id}`;
    const set = (fields: Record<string, unknown>) => void edits.submit(() => ({ patch: [{ on, set: fields }] }));
    const before = way.occupied_mm ?? [];
    const bends = way.bends_m ?? [];
    return (
        <Entry className="within" aria-label={label}>
            <Group gap="4px 16px" align="baseline">
                <Checkbox aria-label={`${label}: a spare cable stays in it`} checked={way.spare_cable ?? false} disabled={fixed} onChange={(event) => set({ spare_cable: event.currentTarget.checked })} label="a spare cable stays in it" />
                <Checkbox aria-label={`${label}: through the engine's space`} checked={way.engine_space ?? false} disabled={fixed} onChange={(event) => set({ engine_space: event.currentTarget.checked })} label="through the engine’s space" />
                <label>
                    held every <PartField edits={edits} readOnly={fixed} on={on} field="support_m" label={`${label}, held every`} value={length(support, system)} />
                </label>
                <label>
                    sheath <PlaceSelect label={`${label}, sheath`} value={way.chafe ?? 'protected'} choices={choicesOf('way.chafe')} readOnly={fixed} onChosen={(chafe) => set({ chafe })} />
                </label>
            </Group>
            <Group gap="4px 16px" align="baseline">
                <span>Lies in it from before:{before.length === 0 && ' nothing'}</span>
                {before.map((diameter, at) => (
                    <span key={at}>
                        <PartField edits={edits} readOnly={fixed} on={on} field={`occupied_mm.${at}`} label={`${label}, old cable ${at + 1}`} value={small(diameter, system)} />{' '}
                        {!fixed && (
                            <Act aria-label={`Old cable ${at + 1} of ${label} is drawn out`} onClick={() => set({ occupied_mm: before.filter((_, which) => which !== at) })}>
                                drawn out
                            </Act>
                        )}
                    </span>
                ))}
                {!fixed && (
                    <Act aria-label={`One more old cable in ${label}`} onClick={() => set({ occupied_mm: [...before, OLD_CABLE] })}>
                        one more
                    </Act>
                )}
            </Group>
            <Group gap="4px 16px" align="baseline">
                <span>Bends{bends.length === 0 && ': none, it runs straight'}</span>
                {bends.map((bend, at) => (
                    <span key={at}>
                        {at + 1}: <PartField edits={edits} readOnly={fixed} on={on} field={`bends_m.${at}.x_m`} label={`${label}, bend ${at + 1} forward of the transom`} value={length(bend.x_m, system)} /> forward,{' '}
                        <PartField edits={edits} readOnly={fixed} on={on} field={`bends_m.${at}.y_m`} label={`${label}, bend ${at + 1} to port`} value={length(bend.y_m, system)} /> to port{' '}
                        {!fixed && (
                            <Act aria-label={`Take out bend ${at + 1} of ${label}`} onClick={() => void edits.submit((now) => bent(now, way.id, (there) => there.filter((_, which) => which !== at)))}>
                                take out
                            </Act>
                        )}
                    </span>
                ))}
                {!fixed && (
                    <Act aria-label={`bend it once more: ${label}`} onClick={() => void edits.submit((now) => bentOnceMore(now, way.id))}>
                        bend it once more
                    </Act>
                )}
            </Group>
        </Entry>
    );
}
