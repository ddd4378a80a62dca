import { Group, Stack, Table } from '@mantine/core';

import type { Day, DayNight, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { NightBars } from '../drawings/NightBars';
import { ShorePlug } from '../drawings/ShorePlug';
import { Act } from '../look/Act';
import { Caution } from '../look/Caution';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import { amps, hours, lost, percent, volts } from '../units/units';

/** W that a closed locker is said to be too warm with */
const WARM = 40;

/** The night after the day: from the evening's charge to full, against the hours that the charger has. */
export function NightPane({ job, night, run, onSelect }: { job: PlannedJob; night: DayNight; run: NonNullable<Day['run']>; onSelect: (on: string) => void }) {
    const isFull = (one: DayNight['batteries'][number]) => (one.not_charged === null ? one.full_after_h !== null && one.full_after_h <= night.hours : one.full_after_h === 0);
    const late = night.batteries.filter((one) => one.not_charged === null && !isFull(one));
    const left = night.batteries.filter((one) => one.not_charged !== null && one.evening < 0.99);
    const gases = night.batteries.some((one) => one.lead && one.not_charged === null);
    const heat = night.chargers.reduce((all, one) => all + one.heat_w, 0);
    const closed = night.batteries.some((one) => one.space === 'closed');
    return (
        <Stack gap={10}>
            <strong style={{ fontSize: '1.125rem' }} data-figure="night">
                {late.length + left.length === 0 ? (
                    <Verdict good>All full by morning: {hours(Math.max(0, ...night.batteries.map((one) => one.full_after_h ?? 0)))} of {hours(night.hours)}.</Verdict>
                ) : (
                    <Verdict good={null}>Not full by morning: {[...late, ...left].map((one) => `${partName(job, `battery:${one.id}`)} ${percent(100 * one.morning, 0)}`).join(', ')}.</Verdict>
                )}
            </strong>
            <NightBars job={job} night={night} />
            <p className="quiet">
                Filled: at the charger&rsquo;s amps (bulk). Dashed: at its volts, the current falling (absorption); lead is called full with 1 % missing, and the last of it cannot be hurried. Then it is held (float). The night ends at {hours(night.hours)}; batteries at {night.celsius} °C.
            </p>
            <Table>
                <HeadRow heads={['Battery', 'In the evening', 'Charged by day', 'Bulk', 'Absorption', 'Full after', 'In the morning', 'Held at', 'At the most', 'Lost in its lead', 'Charger']} />
                <Table.Tbody>
                    {night.batteries.map((one) => (
                        <Table.Tr key={one.id} data-night-of={one.id}>
                            <Table.Th scope="row">
                                <Act onClick={() => onSelect(`battery:${one.id}`)}>{partName(job, `battery:${one.id}`)}</Act>
                            </Table.Th>
                            <Table.Td className="figure">{percent(100 * one.evening, 0)}</Table.Td>
                            <Table.Td className="figure">{(run.batteries.find(({ id }) => id === one.id)?.ah_in ?? 0).toFixed(1)} Ah</Table.Td>
                            {one.not_charged === null ? (
                                <>
                                    <Table.Td className="figure">{hours(one.bulk_h)}</Table.Td>
                                    <Table.Td className="figure">{hours(one.absorption_h)}</Table.Td>
                                    <Table.Td className="figure">{one.full_after_h === null ? <Verdict good={null}>never</Verdict> : <Verdict good={isFull(one) ? true : null}>{hours(one.full_after_h)}</Verdict>}</Table.Td>
                                </>
                            ) : (
                                <Table.Td colSpan={3}>
                                    <Verdict good={null}>not charged: {one.not_charged}</Verdict>
                                </Table.Td>
                            )}
                            <Table.Td className="figure">{percent(100 * one.morning, 0)}</Table.Td>
                            <Table.Td className="figure">{one.not_charged === null ? volts(one.float_v) : '–'}</Table.Td>
                            <Table.Td className="figure">{one.not_charged === null ? amps(one.most_a) : '–'}</Table.Td>
                            <Table.Td className="figure">{one.not_charged === null ? lost(one.lost_in_lead_v) : '–'}</Table.Td>
                            <Table.Td>{one.charger === null ? '–' : partName(job, `charger:${one.charger}`)}</Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            {night.chargers.length > 0 && (
                <Table w="auto">
                    <HeadRow heads={['Charger', 'From the mains, at the most', 'Of that heat', 'From the mains until full']} />
                    <Table.Tbody>
                        {night.chargers.map((one) => (
                            <Table.Tr key={one.id}>
                                <Table.Th scope="row">{partName(job, `charger:${one.id}`)}</Table.Th>
                                <Table.Td className="figure">{one.mains_w.toFixed(0)} W</Table.Td>
                                <Table.Td className="figure">{one.heat_w.toFixed(0)} W</Table.Td>
                                <Table.Td className="figure">{(one.mains_wh / 1000).toFixed(2)} kWh</Table.Td>
                            </Table.Tr>
                        ))}
                    </Table.Tbody>
                </Table>
            )}
            <Group wrap="wrap" align="flex-start" gap={24}>
                <ShorePlug />
                <Caution>
                    Leads on the batteries first, the mains plug last; in the morning the plug first. A dry socket above the water behind a residual-current device, never a lead that lies in the bilge. Mains wiring is a licensed electrician&rsquo;s, by the rules of the place.
                    {heat > WARM && ` The chargers give off ${heat.toFixed(0)} W: ${closed ? 'a battery here stands closed in; open the locker while they charge.' : 'leave air around them.'}`}
                    {gases && ' Lead gives off hydrogen at the end of its charge: locker open, no flame, no spark.'}
                    {' LiFePO4 takes no charge below 0 °C.'}
                </Caution>
            </Group>
        </Stack>
    );
}
