import { Button, Group, Stack, Text } from '@mantine/core';

import { choicesOf } from '../api/forms';
import type { Bank, Bench, PlannedJob } from '../api/types';
import { layBlock } from '../boat/positions';
import { battery as batteryOf } from '../boat/planParts';
import { partName, spokenOf } from '../boat/parts';
import { PlaceSelect } from '../plan/PlaceSelect';
import { PlaceField } from '../plan/PlaceField';
import type { PlanEdits } from '../plan/usePlanEdits';

const SIDES = ['length', 'width', 'height'] as const;

/** The compartment: whether the blocks fit, its measures, how its blocks stand, and what other bank they could be. */
export function CompartmentFields({ job, bank, bench, edits }: { job: PlannedJob; bank: Bank; bench: Bench; edits: PlanEdits }) {
    const station = job.plan.boat?.stations?.find((candidate) => candidate.id === bench.station);
    const turn = (battery: string, turned: number) => void edits.submit(() => ({ patch: layBlock(bench, battery, () => ({ turned })) }));
    const measure = async (at: number, text: string) => {
        const typed = Number(text.replace(',', '.').replace(/\s*mm$/, ''));
        return edits.submit(() => {
            const inside = bench.inside_mm ?? bestGuess(bench);
            return { patch: [{ on: `station:${bench.station ?? ''}`, set: { inside_mm: inside.map((side, index) => (index === at ? (Number.isFinite(typed) ? typed : text) : side)) } }] };
        });
    };
    return (
        <Stack component="section" gap={6} mt={8} fz={14} aria-label={`Compartment of the ${spokenOf(job, `bank:${bank.id}`)}`}>
            <Text inherit fw={bench.fits === false ? 600 : undefined} c={bench.fits === false ? 'brick' : undefined} data-figure="fits" aria-live="polite">
                {bench.says}
            </Text>
            {station === undefined ? (
                <p className="quiet">Nobody has said in which compartment these blocks stand.</p>
            ) : (
                <Group gap="4px 12px">
                    <span>{partName(job, `station:${station.id}`)} inside</span>
                    {SIDES.map((side, at) => (
                        <label key={side}>
                            {side} <PlaceField label={`${side} of the compartment, mm`} value={bench.inside_mm === null ? '–' : `${bench.inside_mm[at] ?? 0} mm`} readOnly={!job.can_change} onTyped={(text) => measure(at, text)} />
                        </label>
                    ))}
                </Group>
            )}
            <Group component="ul" className="bare" gap="4px 18px">
                {bench.blocks.map((block) => (
                    <li key={block.battery}>
                        Battery {block.number}{' '}
                        <label>
                            turned{' '}
                            <PlaceSelect label={`Battery ${block.number} turned`} value={String(block.turned)} choices={choicesOf('battery.lies.turned').map(([degrees]) => [degrees, `${degrees}°`] as const)} readOnly={!job.can_change} onChosen={(degrees) => turn(block.battery, Number(degrees))} />
                        </label>{' '}
                        <label>
                            plus at the{' '}
                            <PlaceSelect label={`Plus post of battery ${block.number}`} value={batteryOf(job.plan, block.battery)?.plus_side ?? 'left'} choices={choicesOf('battery.plus_side')} readOnly={!job.can_change} onChosen={(side) => void edits.submit(() => ({ patch: [{ on: `battery:${block.battery}`, set: { plus_side: side } }] }))} />
                        </label>
                    </li>
                ))}
            </Group>
            {job.can_change && (
                <Group gap="4px 12px">
                    <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ propose: { make: 'turn', bank: bank.id } }))}>
                        Turn them so that no jumpers cross
                    </Button>
                    {bench.ways
                        .filter((way) => !way.now)
                        .map((way) => (
                            <Button key={way.series} size="compact-sm" variant="outline" onClick={() => void edits.submit(() => ({ propose: { make: 'strings', bank: bank.id, series: way.series } }))}>
                                Make it {way.volts} V: {way.series > 1 ? `${way.series} in series` : 'all in parallel'}
                                {way.series > 1 && way.parallel > 1 ? `, ${way.parallel} strings` : ''}
                            </Button>
                        ))}
                </Group>
            )}
        </Stack>
    );
}

/** Measures to begin with where one of three is typed first: what the blocks need. */
function bestGuess(bench: Bench): number[] {
    return [Math.max(...bench.blocks.map((block) => block.x_mm + block.width_mm)), Math.max(...bench.blocks.map((block) => block.y_mm + block.depth_mm)), 300];
}
