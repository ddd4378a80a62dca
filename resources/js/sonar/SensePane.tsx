import { Table, Title } from '@mantine/core';

import type { PlannedJob, Sonar } from '../api/types';
import { partName } from '../boat/parts';
import { HeadRow } from '../look/HeadRow';
import { length, useUnits } from '../units/units';

/** What beams cover, how far the shown depth is out, and the offset that a screen is given. */
export function SensePane({ job, sonar }: { job: PlannedJob; sonar: Sonar }) {
    const { system } = useUnits();
    const signed = (metres: number | null) => (metres === null ? 'not measured' : `${metres < 0 ? '−' : '+'}${length(Math.abs(metres), system)}`);
    const depths = sonar.transducers.flatMap(({ beams }) => beams)[0]?.footprints.map(({ depth_m: depth }) => depth) ?? [];
    const speed = (metres: number) => (system === 'metric' ? `${metres.toFixed(0)} m/s` : `${(metres / 0.3048).toFixed(0)} ft/s`);
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
            <Title order={3} size={15} mt={10}>
                Sound in fresh water
            </Title>
            <Table>
                <HeadRow heads={['Water', 'Sound', `A depth shown as ${length(sonar.sound[0]?.shown_m ?? null, system)} is out by`]} />
                <Table.Tbody>
                    {sonar.sound.map((one) => (
                        <Table.Tr key={one.celsius}>
                            <Table.Th scope="row" className="figure">
                                {one.celsius} °C
                            </Table.Th>
                            <Table.Td className="figure">{speed(one.fresh_m_per_s)}</Table.Td>
                            <Table.Td className="figure">{signed(one.error_m)}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            <p className="quiet">Fresh water by Marczak 1997; screens are taken to reckon with 1500 m/s. Check every offset with a lead line: sonar is an aid, and no substitute for a lookout.</p>
        </>
    );
}
