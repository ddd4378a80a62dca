import { List, Title } from '@mantine/core';

import type { PlannedJob, Sonar } from '../api/types';
import { partName } from '../boat/parts';
import { wayName } from '../boat/stationName';
import { Act } from '../look/Act';
import { Verdict } from '../look/Verdict';
import { small, useUnits } from '../units/units';

/** In which order cables go into each tube: plugs are moulded on, and the largest wants the most room. */
export function PullingPane({ job, sonar, onSelect }: { job: PlannedJob; sonar: Sonar; onSelect: (on: string) => void }) {
    const { system } = useUnits();
    const named = (id: string) => {
        const way = job.plan.boat?.ways?.find((one) => one.id === id);
        return way === undefined ? id : wayName(job, way);
    };
    const tight = sonar.at_holes.filter(({ passes }) => !passes);
    return (
        <>
            {sonar.pulling.length === 0 && <p>No transducer or network cable goes through a tube whose bore is known.</p>}
            {sonar.pulling.map((tube) => (
                <section key={tube.way} aria-label={named(tube.way)} data-pulling={tube.way}>
                    <Title order={3} size={15} mt={8}>
                        <Act onClick={() => onSelect(`way:${tube.way}`)}>{named(tube.way)}</Act>, {small(tube.bore_mm, system)} inside
                    </Title>
                    <List type="ordered" size="sm">
                        {tube.steps.map((step) => (
                            <List.Item key={step.on ?? step.label}>
                                {step.on === null ? step.label : <Act onClick={() => onSelect(step.on ?? '')}>{step.label.charAt(0).toUpperCase() + step.label.slice(1)}</Act>}
                                {step.on === null ? '' : step.plug_mm === null ? ': nobody has measured its plug' : `: plug ${small(step.plug_mm, system)}`}
                                {step.bend_mm === null ? '' : `, no bend tighter than ${small(step.bend_mm, system)}${tube.curved ? ': the tube is curved, look first' : ''}`}.{' '}
                                <Verdict good={step.passes}>{step.passes === null ? 'Not known whether it passes.' : step.passes ? 'It passes.' : 'It does not pass beside what lies there by then.'}</Verdict>
                            </List.Item>
                        ))}
                    </List>
                </section>
            ))}
            {sonar.at_holes.length > 0 && (
                <section aria-label="At holes">
                    <Title order={3} size={15} mt={8}>
                        At holes
                    </Title>
                    {tight.length === 0 ? (
                        <p>Every plug that was measured passes the holes on its way.</p>
                    ) : (
                        tight.map((one) => (
                            <p key={`${one.hole} ${one.on}`} data-tight={one.hole}>
                                The plug of {partName(job, one.on)} is {small(one.plug_mm, system)} across and does not pass <Act onClick={() => onSelect(`hole:${one.hole}`)}>{partName(job, `hole:${one.hole}`)}</Act> of {small(one.hole_mm, system)}: it asks for {small(one.needed_mm, system)}, or a gland that opens.
                            </p>
                        ))
                    )}
                </section>
            )}
        </>
    );
}
