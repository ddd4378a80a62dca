import { NativeSelect, Stack } from '@mantine/core';

import type { Bank, Bench, PatchStep, PlannedJob, Profile, Run, WiredBank } from '../api/types';
import { BurnsFirst } from '../drawings/BurnsFirst';
import { VoltProfile } from '../drawings/VoltProfile';
import { Panes } from '../frame/Panes';
import { Region } from '../look/Region';
import { BankParts } from './BankParts';
import { CompartmentFields } from './CompartmentFields';
import { Findings } from '../plan/Findings';
import { GaugeLadder } from './GaugeLadder';
import { OrderOfConnection } from './OrderOfConnection';
import { type Pane, PANES } from './panes';
import { partName } from '../boat/parts';
import { Posts } from './Posts';
import { Readings } from './Readings';
import { RunsTable } from './RunsTable';
import { Supply } from './Supply';
import type { First } from './useBench';
import type { PlanEdits } from '../plan/usePlanEdits';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    pane: Pane;
    onPane: (pane: Pane) => void;
    selected: Run | undefined;
    /** the part, as "feed:house" */
    onSelect: (on: string) => void;
    profile: Profile | undefined;
    /** devices behind the selected run, whose profile can be drawn */
    watchable: string[];
    onWatch: (device: string) => void;
    bank: Bank | undefined;
    bench: Bench | undefined;
    /** where the wires of the bank are landed; undefined: not known yet */
    wired: WiredBank | undefined;
    done: number;
    onDone: (steps: number) => void;
    onFirst: (first: First) => void;
    onShow: (on: string) => void;
    onLook: (patch: PatchStep[] | null) => void;
    onWhy: (figure: string) => void;
}

/** The panes below the drawing, and beside the bench the readings. */
export function LowerPane({ job, edits, pane, onPane, selected, onSelect, profile, watchable, onWatch, bank, bench, wired, done, onDone, onFirst, onShow, onLook, onWhy }: Props) {
    const noBench = <p>{bank === undefined ? 'This boat has no bank.' : 'Fetching the bench…'}</p>;
    return (
        <Panes panes={PANES} pane={pane} onPane={onPane} counts={{ findings: job.evaluation.findings.length }} about={selected?.label} beside={pane === 'bench' ? <Readings job={job} edits={edits} /> : undefined}>
                {pane === 'findings' && <Findings job={job} edits={edits} onWhy={onWhy} onShow={onShow} onLook={onLook} />}
                {pane === 'runs' && <RunsTable job={job} selected={selected?.id ?? ''} onSelect={onSelect} edits={edits} onWhy={onWhy} />}
                {pane === 'profile' &&
                    (profile === undefined ? (
                        <p>No profile: a length on the way, or the volts of the bank, is not known.</p>
                    ) : (
                        <Stack gap={0} h="100%" mih={0}>
                            {watchable.length > 1 && (
                                <NativeSelect size="xs" w="fit-content" aria-label="To which device" value={profile.device} data={watchable.map((device) => ({ value: device, label: `to ${partName(job, `device:${device}`)}` }))} onChange={(event) => onWatch(event.currentTarget.value)} />
                            )}
                            <VoltProfile profile={profile} name={partName(job, `device:${profile.device}`)} />
                        </Stack>
                    ))}
                {pane === 'ladder' && (selected === undefined ? <p>This boat has no run yet.</p> : <GaugeLadder job={job} run={selected} edits={edits} onWhy={onWhy} />)}
                {pane === 'supply' && <Supply job={job} edits={edits} onWhy={onWhy} />}
                {pane === 'short' && selected !== undefined && <BurnsFirst job={job} run={selected} onWhy={onWhy} />}
                {pane === 'bench' &&
                    (bank === undefined || bench === undefined || wired === undefined ? (
                        noBench
                    ) : (
                        <Region label={`Posts and compartment of the ${partName(job, `bank:${bank.id}`).toLowerCase()}`}>
                            <Posts key={bank.id} job={job} bank={bank} wired={wired} bench={bench} edits={edits} />
                            <CompartmentFields job={job} bank={bank} bench={bench} edits={edits} />
                            <BankParts job={job} bank={bank} onSelect={onSelect} />
                        </Region>
                    ))}
                {pane === 'order' && (bench === undefined ? noBench : <OrderOfConnection bench={bench} done={Math.min(done, bench.order.length)} onDone={onDone} onFirst={onFirst} />)}
        </Panes>
    );
}
