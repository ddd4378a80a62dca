import classes from './Stage.module.css';

interface Props<T extends string> {
    panes: readonly (readonly [T, string, ...string[]])[];
    pane: T;
    onPane: (pane: T) => void;
    /** how many there are, for those that count something */
    counts?: Partial<Record<T, number>>;
    /** what is in hand */
    about?: string;
}

/** The names of the panes below a drawing. */
export function Tabs<T extends string>({ panes, pane, onPane, counts = {}, about }: Props<T>) {
    return (
        <div className={classes.tabs}>
            <div className={classes.tablist} role="tablist" aria-label="Lower pane">
                {panes.map(([name, label]) => (
                    <button key={name} type="button" role="tab" id={`tab-${name}`} aria-selected={pane === name} aria-controls="lower-pane" className={classes.tab} onClick={() => onPane(name)}>
                        {label}
                        {counts[name] !== undefined && ` (${counts[name]})`}
                    </button>
                ))}
            </div>
            <span className={classes.selected}>{about}</span>
        </div>
    );
}
