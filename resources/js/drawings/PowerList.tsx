import type { CSSProperties } from 'react';

import type { Bank, Feed } from '../api/types';
import { partName } from '../boat/parts';
import { block as blockOf, converters, feedsOf, partOf, pointAbove, protection, run as runOf } from '../boat/planParts';
import { amps, useUnits, volts } from '../units/units';
import { copperWidth, potentialTint } from './potential';
import { ListLine, type ListShown } from './ListLine';
import { type TellingOrder, tellingOrder } from './tellingOrder';
import { deviceFigures, runFigures, terminalVolts } from './treeFigures';
import classes from './UprightList.module.css';

interface Props extends ListShown {
    /** parts that a change which is looked at would touch, as "feed:house" */
    touched: string[];
}

/** What the power tree shows, in its order, one under another, for a page that is held upright: copper runs down the left edge. */
export function PowerList({ job, selected, touched, onSelect }: Props) {
    const order = tellingOrder(job.plan);
    const shown = { job, selected, touched, onSelect, order };
    const idle = (job.plan.devices ?? []).filter(({ id }) => !order.devices.has(id));
    return (
        <ul className={`bare ${classes.tree}`} aria-label="Power tree as a list: every line is a button">
            {(job.plan.banks ?? []).map((bank) => (
                <BankItem key={bank.id} {...shown} bank={bank} />
            ))}
            {idle.map(({ id }) => (
                <li key={id}>
                    <DeviceLine {...shown} on={`device:${id}`} />
                </li>
            ))}
        </ul>
    );
}

type Shown = Props & { order: TellingOrder };

function BankItem({ bank, ...shown }: Shown & { bank: Bank }) {
    const { job } = shown;
    const figures = job.evaluation.banks.find((one) => one.id === bank.id);
    const drawing = converters(job.plan).filter((converter) => converter.from.bank === bank.id);
    return (
        <li data-bank={bank.id}>
            <Line {...shown} on={`bank:${bank.id}`} look="bank">
                <span className={classes.name}>{partName(job, `bank:${bank.id}`)}</span>
                <span className="figure">
                    {figures?.nominal_v ?? '–'} V {figures?.capacity_ah ?? '–'} Ah
                </span>
            </Line>
            <ul className={`bare ${classes.batteries}`}>
                {bank.strings.flat().map((id) => (
                    <li key={id}>
                        <Line {...shown} on={`battery:${id}`} look="battery">
                            <span className={classes.name}>Battery {figures?.batteries.find((one) => one.id === id)?.number ?? '–'}</span>
                            <span className="figure">{volts(pointAbove(job, bank.id, id)?.expect_v)}</span>
                        </Line>
                    </li>
                ))}
            </ul>
            <ul className="bare">
                {feedsOf(job.plan, bank).map((feed) => (
                    <Circuit key={feed.id} {...shown} id={feed.id} to={feed.to} feed={feed} potential={terminalVolts(job, feed.from)} />
                ))}
                {drawing.map((converter) => (
                    <li key={`${converter.charger} ${converter.block}`} className={classes.circuit} style={railOf(4, terminalVolts(job, converter.from))}>
                        <Line {...shown} on={`charger:${converter.charger}`} look="box">
                            <span className={classes.name}>{partName(job, `charger:${converter.charger}`)}</span>
                            <span className={`figure ${classes.volts}`}>{volts(converter.volts)}</span>
                            <span className={classes.words}>
                                from {volts(terminalVolts(job, converter.from))}, up to {amps(converter.amps)}
                            </span>
                        </Line>
                        <Block {...shown} id={converter.block} by={converter.charger} potential={converter.volts} />
                    </li>
                ))}
            </ul>
        </li>
    );
}

/** A feed or a branch: its wire, and under it what it leads to. */
function Circuit({ id, to, feed, potential, ...shown }: Shown & { id: string; to: Feed['to']; feed: Feed | null; potential: number }) {
    const { system } = useUnits();
    const { job } = shown;
    const run = runOf(job, id);
    if (run === undefined) {
        return null;
    }
    const said = runFigures(job, run, feed, system);
    const isFused = feed === null || protection(feed).length > 0;
    return (
        <li className={classes.circuit} style={railOf(copperWidth(run.area_mm2), potential)}>
            <Line {...shown} on={partOf(run)} look="run" run={run.id}>
                <span className="figure">{said.wire}</span>
                <span className={`figure ${isFused ? '' : classes.bare}`}>{isFused ? `${feed === null ? 'fuse' : 'breaker'} ${amps(run.protection_a)}` : 'no fuse'}</span>
                <span className={`figure ${classes.words}`} data-figure={`tree:${run.id}:drop`}>
                    {said.lost}
                </span>
            </Line>
            {to.device !== undefined && <DeviceLine {...shown} on={`device:${to.device}`} />}
            {to.backbone !== undefined && <DeviceLine {...shown} on={`backbone:${to.backbone}`} />}
            {to.block !== undefined && <Block {...shown} id={to.block} by={id} potential={potential} />}
        </li>
    );
}

/** A block and what hangs on it; one that two circuits feed is told in full at the first. */
function Block({ id, by, potential, ...shown }: Shown & { id: string; by: string; potential: number }) {
    const { job, order } = shown;
    const on = `block:${id}`;
    return (
        <>
            <Line {...shown} on={on} look="block">
                <span className={classes.name}>{partName(job, on)}</span>
            </Line>
            {order.blocks.get(id) === by && (
                <ul className="bare">
                    {(blockOf(job.plan, id)?.branches ?? []).map((branch) => (
                        <Circuit key={branch.id} {...shown} id={branch.id} to={branch.to} feed={null} potential={potential} />
                    ))}
                </ul>
            )}
        </>
    );
}

function DeviceLine({ on, ...shown }: Shown & { on: string }) {
    const { volts: least, words } = deviceFigures(shown.job, on);
    return (
        <Line {...shown} on={on} look="box">
            <span className={classes.name}>{partName(shown.job, on)}</span>
            <span className={`figure ${classes.volts}`} data-figure={`${on}:volts_loaded`}>
                {volts(least)}
            </span>
            <span className={classes.words}>{words}</span>
        </Line>
    );
}

function Line({ job, selected, touched, onSelect, on, look, run, children }: Omit<Parameters<typeof ListLine>[0], 'touched'> & { touched: string[] }) {
    return (
        <ListLine job={job} selected={selected} onSelect={onSelect} on={on} look={look} run={run} touched={touched.includes(on)}>
            {children}
        </ListLine>
    );
}

/** px of copper, and the volts that tint it */
function railOf(copper: number, potential: number): CSSProperties {
    return { '--copper': `${copper}px`, '--tint': potentialTint(potential) } as CSSProperties;
}
