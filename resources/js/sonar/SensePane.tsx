import { Group, Table, Title } from '@mantine/core';

import { choiceWords } from '../api/forms';
import type { PlannedJob, Sonar } from '../api/types';
import { partName } from '../boat/parts';
import { FootprintDrawing } from '../drawings/FootprintDrawing';
import { LookDrawing } from '../drawings/LookDrawing';
import { OffsetDrawing } from '../drawings/OffsetDrawing';
import { HeadRow } from '../look/HeadRow';
import { FOOT, length, useUnits } from '../units/units';

/** m of water that footprints are drawn at: the first depth that is told */
const DRAWN_AT = 3;

/** What beams cover, how far the shown depth is out, and the offset that a screen is given. */
export function SensePane({ job, sonar }: { job: PlannedJob; sonar: Sonar }) {
    const { system } = useUnits();
    const signed = (metres: number | null) => (metres === null ? 'not measured' : `${metres < 0 ? '−' : '+'}${length(Math.abs(metres), system)}`);
    const from = job.plan.network?.depth_from ?? null;
    const planned = job.plan.network?.transducers ?? [];
    const depths = sonar.transducers.flatMap(({ beams }) => beams)[0]?.footprints.map(({ depth_m: depth }) => depth) ?? [];
    const looped = planned.filter(({ motor }) => motor !== undefined);
    const speed = (metres: number) => (system === 'metric' ? `${metres.toFixed(0)} m/s` : `${(metres / FOOT).toFixed(0)} ft/s`);
    return (
        <>
            <Title order={3} size={15}>
                What a beam covers of the bottom
            </Title>
            <Table>
                <HeadRow heads={['Transducer', 'Beam', ...depths.map((depth) => `at ${length(depth, system)}`), 'Offset for the surface', 'Offset for the keel']} />
                <Table.Tbody>
                    {sonar.transducers.flatMap((transducer) =>
                        (transducer.beams.length === 0 ? [null] : transducer.beams).map((beam, at) => (
                            <Table.Tr key={`${transducer.id} ${beam?.deg}`} data-beam={transducer.id}>
                                <Table.Th scope="row">{at === 0 ? partName(job, `transducer:${transducer.id}`) : <span className="unseen">{partName(job, `transducer:${transducer.id}`)}</span>}</Table.Th>
                                <Table.Td className="figure">{beam === null ? '–' : `${beam.deg}°`}</Table.Td>
                                {depths.map((depth) => (
                                    <Table.Td key={depth} className="figure">
                                        {length(beam?.footprints.find((one) => one.depth_m === depth)?.across_m ?? null, system)}
                                    </Table.Td>
                                ))}
                                <Table.Td className="figure">{at === 0 && signed(transducer.surface_m)}</Table.Td>
                                <Table.Td className="figure">{at === 0 && signed(transducer.keel_m)}</Table.Td>
                            </Table.Tr>
                        )),
                    )}
                </Table.Tbody>
            </Table>
            <Group gap="8px 24px" align="flex-start">
                {sonar.transducers
                    .filter(({ beams }) => beams.length > 0)
                    .map((transducer) => (
                        <figure key={transducer.id} data-footprint={transducer.id} style={{ margin: 0 }}>
                            <FootprintDrawing
                                label={partName(job, `transducer:${transducer.id}`)}
                                beams={[...transducer.beams].sort((one, other) => one.deg - other.deg).map(({ deg, footprints }) => ({ deg, across_m: footprints.find(({ depth_m: at }) => at === DRAWN_AT)?.across_m ?? 0 }))}
                                depth_m={DRAWN_AT}
                                beam_m={job.plan.boat?.beam_m ?? null}
                                below_water_m={transducer.surface_m ?? 0}
                                system={system}
                            />
                            <figcaption>{partName(job, `transducer:${transducer.id}`)}</figcaption>
                        </figure>
                    ))}
            </Group>
            <Title order={3} size={15} mt={10}>
                What each screen is to add
            </Title>
            {from === null ? (
                <p>Say from where the owner wants depth to be counted: from the surface, the keel or the transducer.</p>
            ) : (
                <Group gap="8px 24px" align="flex-start">
                    {sonar.transducers
                        .filter(({ id }) => planned.find((one) => one.id === id)?.functions.includes('depth') === true)
                        .map((transducer) => {
                            const offset = from === 'transducer' ? 0 : from === 'keel' ? transducer.keel_m : transducer.surface_m;
                            const below = transducer.surface_m;
                            return (
                                <figure key={transducer.id} data-offset={transducer.id} style={{ margin: 0 }}>
                                    {offset === null ? (
                                        <p>Measure first how deep it sits{from === 'keel' ? ' above the deepest point' : ' below the surface'}.</p>
                                    ) : (
                                        <OffsetDrawing label={partName(job, `transducer:${transducer.id}`)} from={from} below_water_m={below} keel_below_m={transducer.keel_m === null || below === null ? null : below - transducer.keel_m} offset_m={offset} system={system} />
                                    )}
                                    <figcaption>{partName(job, `transducer:${transducer.id}`)}</figcaption>
                                </figure>
                            );
                        })}
                </Group>
            )}
            <Title order={3} size={15} mt={10}>
                Which way live transducers look
            </Title>
            {planned
                .filter(({ functions }) => functions.includes('live'))
                .map(({ id }) => {
                    const fan = sonar.transducers.find((one) => one.id === id)?.fan ?? null;
                    return (
                        <figure key={id} data-look={id} style={{ margin: 0 }}>
                            {fan !== null && <LookDrawing label={partName(job, `transducer:${id}`)} fan={fan} />}
                            <figcaption>
                                {partName(job, `transducer:${id}`)} {fan === null ? 'looks some way, and nobody has said which; its screen has to be told.' : `looks ${choiceWords('transducer.looks', fan.looks)}. Tell its screen so, and turn the shaft until the mark on it points ahead.`}
                                {fan?.needs_mount === true && (fan.has_mount === true ? ' The mount that lays its fan flat is fitted.' : fan.has_mount === false ? ' It needs the mount that lays its fan flat, and has none.' : ' It needs the mount that lays its fan flat: look whether it is there.')}
                            </figcaption>
                        </figure>
                    );
                })}
            {looped.length > 0 && (
                <>
                    <Title order={3} size={15} mt={10}>
                        Loops at motors
                    </Title>
                    {looped.map((one) => (
                        <p key={one.id} data-loop={one.id}>
                            {partName(job, `transducer:${one.id}`)} on {partName(job, `device:${one.motor ?? ''}`)}: a loop of {length(one.loop_m ?? 0, system)}
                            {(one.loop_m ?? 0) === 0 ? ', which is none: a motor that turns, lifts or slides tears its cable off' : ''}. Guard it with a stiff hose or a coil as far as it moves, tie it above where it bends, and work the motor through all of its travel before the last tie is drawn.
                        </p>
                    ))}
                </>
            )}
            <Title order={3} size={15} mt={10}>
                Sound in water
            </Title>
            <Table>
                <HeadRow heads={['Water', 'Sound, fresh', `A depth shown as ${length(sonar.sound[0]?.shown_m ?? null, system)} is out by`, 'Sound, sea', 'It is out by']} />
                <Table.Tbody>
                    {sonar.sound.map((one) => (
                        <Table.Tr key={one.celsius}>
                            <Table.Th scope="row" className="figure">
                                {one.celsius} °C
                            </Table.Th>
                            <Table.Td className="figure">{speed(one.fresh_m_per_s)}</Table.Td>
                            <Table.Td className="figure">{signed(one.error_m)}</Table.Td>
                            <Table.Td className="figure">{speed(one.sea_m_per_s)}</Table.Td>
                            <Table.Td className="figure">{signed(one.sea_error_m)}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <p className="quiet">Fresh water by Marczak 1997, sea water of 35 ‰ by Medwin 1975, at half that depth; screens are taken to reckon with 1500 m/s. Check every offset with a lead line: sonar is an aid, and no substitute for a lookout.</p>
        </>
    );
}
