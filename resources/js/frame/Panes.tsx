import { Tabs } from '@mantine/core';
import type { ReactNode } from 'react';

import classes from './Panes.module.css';

interface Props<T extends string> {
    panes: readonly (readonly [T, string, ...string[]])[];
    pane: T;
    onPane: (pane: T) => void;
    /** how many there are, for those that count something */
    counts?: Partial<Record<T, number>>;
    /** what is in hand */
    about?: string;
    /** the pane that is shown */
    children: ReactNode;
    /** what stands beside it */
    beside?: ReactNode;
}

/** The panes below a drawing: their names, and the one that is shown. */
export function Panes<T extends string>({ panes, pane, onPane, counts = {}, about, children, beside }: Props<T>) {
    return (
        <Tabs id="lower" data-split={beside === undefined ? undefined : true} component="section" value={pane} onChange={(next) => onPane(next as T)} activateTabWithKeyboard classNames={classes}>
            <div className={classes.head}>
                <Tabs.List aria-label="Lower pane">
                    {panes.map(([name, label]) => (
                        <Tabs.Tab key={name} value={name}>
                            {label}
                            {counts[name] !== undefined && ` (${counts[name]})`}
                        </Tabs.Tab>
                    ))}
                </Tabs.List>
                <span className="quiet">{about}</span>
            </div>
            <Tabs.Panel value={pane}>{children}</Tabs.Panel>
            {beside !== undefined && <div className={classes.beside}>{beside}</div>}
        </Tabs>
    );
}
