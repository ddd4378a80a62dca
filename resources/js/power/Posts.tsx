import type { Bank, PatchStep, PlannedJob } from '../api/types';
import { bankWires, feedsOf, postsOf, terminalsOf } from './planParts';
import classes from './Posts.module.css';
import type { PlanEdits } from './usePlanEdits';

/** Which wire is landed on which post: the drawing above, as a list that can be edited. Wrong plugging is allowed and judged. */
export function Posts({ job, bank, edits }: { job: PlannedJob; bank: Bank; edits: PlanEdits }) {
    const wires = bankWires(bank);
    const feeds = feedsOf(job.plan, bank);
    const send = (step: PatchStep) => void edits.submit(() => ({ patch: [step] }));
    // The first wire that is moved makes all of them wires that are really there.
    const land = (at: number, end: 'from' | 'to', post: string) =>
        send({
            on: `bank:${bank.id}`,
            set: {
                jumpers: wires.map((wire, index) => ({
                    id: bank.jumpers?.[index]?.id ?? `${bank.id}-jumper-${index + 1}`,
                    ...wire,
                    ...(index === at ? { [end]: post } : {}),
                    ...(bank.jumpers?.[index] === undefined ? bank.jumper : { gauge: bank.jumpers[index].gauge, length_m: bank.jumpers[index].length_m }),
                })),
            },
        });
    const choice = (label: string, value: string, options: string[], choose: (post: string) => void) => (
        <select aria-label={label} value={value} disabled={!job.can_change} onChange={(event) => choose(event.currentTarget.value)}>
            {options.map((option) => (
                <option key={option} value={option}>
                    {option}
                </option>
            ))}
        </select>
    );
    return (
        <section aria-label={`Posts of bank ${bank.id}`}>
            <ul className={classes.list}>
                {wires.map((wire, at) => (
                    <li key={`${at}`}>
                        jumper {at + 1} {choice(`Jumper ${at + 1}, first end`, wire.from, postsOf(bank).filter((post) => post !== wire.to), (post) => land(at, 'from', post))} to{' '}
                        {choice(`Jumper ${at + 1}, second end`, wire.to, postsOf(bank).filter((post) => post !== wire.from), (post) => land(at, 'to', post))}
                    </li>
                ))}
                {feeds.map((feed) => (
                    <li key={feed.id}>
                        feed {feed.id} + {choice(`Plus of feed ${feed.id}`, feed.from.plus ?? 'pos', terminalsOf(bank), (plus) => send({ on: `feed:${feed.id}`, set: { 'from.plus': plus } }))} −{' '}
                        {choice(`Minus of feed ${feed.id}`, feed.from.minus ?? 'neg', terminalsOf(bank), (minus) => send({ on: `feed:${feed.id}`, set: { 'from.minus': minus } }))}
                    </li>
                ))}
            </ul>
        </section>
    );
}
