import type { Bank, Bench, PatchStep, PlannedJob, Profile, Run, WiredBank } from '../api/types';
import { BurnsFirst } from '../drawings/BurnsFirst';
import { VoltProfile } from '../drawings/VoltProfile';
import { Tabs } from '../frame/Tabs';
import { BankParts } from './BankParts';
import { CompartmentFields } from './CompartmentFields';
import { Findings } from '../plan/Findings';
import { GaugeLadder } from './GaugeLadder';
import { OrderOfConnection } from './OrderOfConnection';
import { type Pane, PANES } from './panes';
import { partName } from '../boat/parts';
import { Posts } from './Posts';
import classes from '../frame/Stage.module.css';
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
        <section className={classes.lower} data-wide={pane !== 'bench' || undefined}>
            <Tabs panes={PANES} pane={pane} onPane={onPane} counts={{ findings: job.evaluation.findings.length }} about={selected?.label} />
            <div className={classes.pane} id="lower-pane" role="tabpanel" aria-labelledby={`tab-${pane}`}>
                {pane === 'findings' && <Findings job={job} edits={edits} onWhy={onWhy} onShow={onShow} onLook={onLook} />}
                {pane === 'runs' && <RunsTable job={job} selected={selected?.id ?? ''} onSelect={onSelect} edits={edits} onWhy={onWhy} />}
                {pane === 'profile' &&
                    (profile === undefined ? (
                        <p>No profile: a length on the way, or the volts of the bank, is not known.</p>
                    ) : (
                        <div className={classes.profile}>
                            {watchable.length > 1 && (
                                <label className={classes.pick}>
                                    To{' '}
                                    <select value={profile.device} onChange={(event) => onWatch(event.currentTarget.value)}>
                                        {watchable.map((device) => (
                                            <option key={device} value={device}>
                                                {partName(job, `device:${device}`)}
                                            </option>
                                        ))}
                                    </select>
                                </label>
                            )}
                            <VoltProfile profile={profile} name={partName(job, `device:${profile.device}`)} />
                        </div>
                    ))}
                {pane === 'ladder' && (selected === undefined ? <p>This boat has no run yet.</p> : <GaugeLadder job={job} run={selected} edits={edits} onWhy={onWhy} />)}
                {pane === 'supply' && <Supply job={job} edits={edits} onWhy={onWhy} />}
                {pane === 'short' && selected !== undefined && <BurnsFirst job={job} run={selected} onWhy={onWhy} />}
                {pane === 'bench' &&
                    (bank === undefined || bench === undefined || wired === undefined ? (
                        noBench
                    ) : (
                        <div className={classes.scrolls} tabIndex={0} role="region" aria-label={`Posts and compartment of bank ${bank.id}`}>
                            <Posts key={bank.id} job={job} bank={bank} wired={wired} bench={bench} edits={edits} />
                            <CompartmentFields job={job} bank={bank} bench={bench} edits={edits} />
                            <BankParts job={job} bank={bank} onSelect={onSelect} />
                        </div>
                    ))}
                {pane === 'order' && (bench === undefined ? noBench : <OrderOfConnection bench={bench} done={Math.min(done, bench.order.length)} onDone={onDone} onFirst={onFirst} />)}
            </div>
            {pane === 'bench' && (
                <div className={classes.side}>
                    <Readings job={job} edits={edits} />
                </div>
            )}
        </section>
    );
}
