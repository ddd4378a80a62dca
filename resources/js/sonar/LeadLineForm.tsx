import { Button, Group, NativeSelect, TextInput } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';

import { ask } from '../api/client';
import { choiceWords } from '../api/forms';
import type { LeadLine, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import { Act } from '../look/Act';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, useUnits } from '../units/units';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    instrument: string;
    /** m below the transducer, as it is heard now */
    depth: number;
}

/** A lead line beside the boat: what the screen must be given so that it shows what the owner wants to read. */
export function LeadLineForm({ job, edits, instrument, depth }: Props) {
    const { system } = useUnits();
    const transducers = (job.plan.network?.transducers ?? []).filter(({ functions }) => functions.includes('depth')).map(({ id }) => ({ value: id, label: partName(job, `transducer:${id}`) }));
    const [transducer, setTransducer] = useState(transducers[0]?.value ?? '');
    const [sounded, setSounded] = useState('');
    const line = useMutation({
        mutationFn: () => ask<LeadLine>(`jobs/${job.id}/lead-line?${new URLSearchParams({ transducer, sounded, depth_m: String(depth), units: system }).toString()}`),
    });
    const offset = line.data?.offset_m ?? null;
    const screens = (job.evaluation.network?.screens ?? []).filter(({ sees }) => sees.includes(transducer)).map(({ device }) => device);
    const keep = () => void edits.submit(() => ({ propose: { make: 'trial', instrument, units: system, ...(sounded.trim() === '' ? {} : { sounded }) } }));
    return (
        <form
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                line.mutate();
            }}
        >
            <Group align="end" gap={12}>
                {transducers.length > 0 && <NativeSelect label="Depth comes from" size="xs" data={transducers} value={transducer} onChange={(event) => setTransducer(event.currentTarget.value)} />}
                <TextInput label="Sounded by lead line, from the surface" size="xs" w={220} value={sounded} error={line.error?.message} onChange={(event) => setSounded(event.currentTarget.value)} />
                {transducers.length > 0 && (
                    <Button type="submit" size="compact-md" disabled={sounded.trim() === ''}>
                        Compare
                    </Button>
                )}
                {job.can_change && (
                    <Button size="compact-md" variant="outline" onClick={keep}>
                        Keep the last minute
                    </Button>
                )}
            </Group>
            {line.data !== undefined && (
                <p data-figure="offset" role="status">
                    {offset === null ? (
                        'How far the transducer sits above the deepest point of the boat is not measured: the offset for the keel is not known.'
                    ) : (
                        <>
                            Offset to type into the screen, to read depth {choiceWords('plan.network.depth_from', line.data.depth_from)}: <strong className="figure">{`${offset < 0 ? '−' : '+'}${length(Math.abs(offset), system)}`}</strong>.{' '}
                            {line.data.agrees !== null && (
                                <Verdict good={line.data.agrees}>
                                    {line.data.agrees ? 'It agrees with where the transducer was measured to sit.' : `It would sit ${length(line.data.below_water_m, system)} under water, and was measured elsewhere: sound again, then measure again.`}
                                </Verdict>
                            )}{' '}
                            {job.can_change &&
                                screens.map((screen) => (
                                    <Act key={screen} mr={12} onClick={() => void edits.submit(() => ({ patch: [{ on: `device:${screen}`, set: { depth_offset_m: Number(offset.toFixed(3)) } }] }))}>
                                        Set it in {partName(job, `device:${screen}`)}
                                    </Act>
                                ))}
                        </>
                    )}
                </p>
            )}
        </form>
    );
}
