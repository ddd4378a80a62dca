import { Table, Title } from '@mantine/core';

import type { PlannedJob, Sonar } from '../api/types';
import type { DataSide } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { HeadRow } from '../look/HeadRow';
import type { PlanEdits } from '../plan/usePlanEdits';
import { amps, length, useUnits, volts } from '../units/units';

/** What a meter finds at a backbone, and what hangs on it. */
export function BackbonePane({ job, network, sonar, edits, onSelect }: { job: PlannedJob; network: DataSide; sonar: Sonar | undefined; edits: PlanEdits; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    if (network.backbones.length === 0) {
        return <p>No instrument backbone is planned.</p>;
    }
    return (
        <>
        <Table>
            <HeadRow heads={['Backbone', 'Nodes', 'Load units', 'Trunk', 'Drops', 'Longest drop', 'Across the pair, power off', 'Power taps', 'Least volts', 'Lost along the trunk']} />
            <Table.Tbody>
                {network.backbones.map((one) => (
                    <Table.Tr key={one.id} data-backbone={one.id}>
                        <Table.Th scope="row">
                            <Act onClick={() => onSelect(`backbone:${one.id}`)}>{partName(job, `backbone:${one.id}`)}</Act>
                        </Table.Th>
                        <Table.Td className="figure">{one.nodes}</Table.Td>
                        <Table.Td className="figure">{one.len}</Table.Td>
                        <Table.Td className="figure">{length(one.trunk_m, system)}</Table.Td>
                        <Table.Td className="figure">{length(one.drops_m, system)}</Table.Td>
                        <Table.Td className="figure">{length(one.longest_drop_m, system)}</Table.Td>
                        <Table.Td className="figure">{one.across_ohm === null ? 'open' : `${one.across_ohm.toFixed(0)} Ω`}</Table.Td>
                        <Table.Td className="figure">{one.power_taps}</Table.Td>
                        <Table.Td>
                            <span className="figure">{volts(one.volts_min, 2)}</span>
                            {one.worst !== null && ` at ${partName(job, `device:${one.worst}`)}`}
                        </Table.Td>
                        <Table.Td className="figure">{volts(one.drop_v, 2)}</Table.Td>
                    </Table.Tr>
                ))}
            </Table.Tbody>
        </Table>
        {sonar?.backbones.map((one) => (
            <Nodes key={one.id} job={job} backbone={one} edits={edits} />
        ))}
        </>
    );
}


/** Instruments draw less than an ampere. */
const small = (value: number) => (value < 1 ? `${(1000 * value).toFixed(0)}\u00a0mA` : amps(value));

/** Volts at each node, amps in each leg against its cable, and the place where the tap does best. */
function Nodes({ job, backbone, edits }: { job: PlannedJob; backbone: Sonar['backbones'][number]; edits: PlanEdits }) {
    const { system } = useUnits();
    const power = job.plan.network?.backbones?.find(({ id }) => id === backbone.id)?.power ?? [];
    const [tap] = power;
    const isBest = power.length === 1 && Math.abs((tap?.at_m ?? 0) - backbone.best_tap_m) < 0.05;
    return (
        <section aria-label={`Nodes of ${partName(job, `backbone:${backbone.id}`)}`}>
            <Title order={3} size={15} mt={10}>
                Node by node
            </Title>
            <Table>
                <HeadRow heads={['Node', 'Its tee, from the start', 'Draws', 'Volts at the end of its drop']} />
                <Table.Tbody>
                    {backbone.nodes.map((node) => (
                        <Table.Tr key={node.device} data-node-volts={node.device}>
                            <Table.Th scope="row">{partName(job, `device:${node.device}`)}</Table.Th>
                            <Table.Td className="figure">{length(node.at_m, system)}</Table.Td>
                            <Table.Td className="figure">{small(node.amps)}</Table.Td>
                            <Table.Td className="figure">{volts(node.volts, 2)}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            {backbone.legs.length > 0 && (
                <p>
                    The trunk carries {backbone.legs.map((leg) => `${small(leg.amps)} from ${length(leg.from_m, system)} to ${length(leg.to_m, system)}`).join(', ')}; its cable may carry {amps(backbone.most_a)}.
                </p>
            )}
            <p data-figure="best-tap">
                {isBest ? 'Its tap is where the volts fall least.' : `The volts fall least with one tap at ${length(backbone.best_tap_m, system)}. `}
                {!isBest && job.can_change && (
                    <Act onClick={() => void edits.submit(() => ({ patch: [{ on: `backbone:${backbone.id}`, set: { power: [{ at_m: Number(backbone.best_tap_m.toFixed(3)), ...(tap?.volts === undefined ? {} : { volts: tap.volts }) }] }, unset: ['isolated_at_m'] }] }))}>Power it there</Act>
                )}
            </p>
        </section>
    );
}
