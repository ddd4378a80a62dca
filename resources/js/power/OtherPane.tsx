import { NativeSelect, Stack } from '@mantine/core';

import { partName, spokenOf } from '../boat/parts';
import { BurnsFirst } from '../drawings/BurnsFirst';
import { VoltProfile } from '../drawings/VoltProfile';
import { Region } from '../look/Region';
import { BankParts } from './BankParts';
import { CompartmentFields } from './CompartmentFields';
import { GaugeLadder } from './GaugeLadder';
import type { LowerPaneProps } from './LowerPane';
import { OrderOfConnection } from './OrderOfConnection';
import { Posts } from './Posts';
import { RunsTable } from './RunsTable';
import { Supply } from './Supply';

export { Readings } from './Readings';

/** The panes that do not stand there from the first. */
export function OtherPane({ job, edits, pane, selected, onSelect, profile, watchable, onWatch, bank, bench, wired, done, onDone, onFirst, onWhy }: LowerPaneProps) {
    const noBench = <p>{bank === undefined ? 'This boat has no bank.' : 'Fetching the bench…'}</p>;
    return (
        <>
            {pane === 'runs' && <RunsTable job={job} selected={selected?.id ?? ''} onSelect={onSelect} edits={edits} onWhy={onWhy} />}
            {pane === 'profile' &&
                (profile === undefined ? (
                    <p>No profile: a length on the way, or the volts of the bank, is not known.</p>
                ) : (
                    <Stack gap={0} h="100%" mih={0}>
                        {watchable.length > 1 && (
                            <NativeSelect size="xs" w="fit-content" aria-label="To which device" value={profile.device} data={watchable.map((device) => ({ value: device, label: `to ${partName(job, `device:${device}`)}` }))} onChange={(event) => onWatch(event.currentTarget.value)} />
                        )}
                        <VoltProfile profile={profile} from={partName(job, `bank:${profile.bank}`)} name={partName(job, `device:${profile.device}`)} />
                    </Stack>
                ))}
            {pane === 'ladder' && (selected === undefined ? <p>This boat has no run yet.</p> : <GaugeLadder job={job} run={selected} edits={edits} onWhy={onWhy} />)}
            {pane === 'supply' && <Supply job={job} edits={edits} onWhy={onWhy} />}
            {pane === 'short' && selected !== undefined && <BurnsFirst job={job} run={selected} onWhy={onWhy} />}
            {pane === 'bench' &&
                (bank === undefined || bench === undefined || wired === undefined ? (
                    noBench
                ) : (
                    <Region label={`Posts and compartment of the ${spokenOf(job, `bank:${bank.id}`)}`}>
                        <Posts key={bank.id} job={job} bank={bank} wired={wired} bench={bench} edits={edits} />
                        <CompartmentFields job={job} bank={bank} bench={bench} edits={edits} />
                        <BankParts job={job} bank={bank} onSelect={onSelect} />
                    </Region>
                ))}
            {pane === 'order' && (bench === undefined ? noBench : <OrderOfConnection bench={bench} done={Math.min(done, bench.order.length)} onDone={onDone} onFirst={onFirst} />)}
        </>
    );
}
