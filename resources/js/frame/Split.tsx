import { Splitter } from '@mantine/core';
import { type SplitterPaneSize, useLocalStorage } from '@mantine/hooks';
import type { ReactNode } from 'react';

import classes from './Split.module.css';

interface Props {
    /** what it is remembered by */
    id: string;
    orientation: 'horizontal' | 'vertical';
    first: ReactNode;
    /** null: the first has all the room */
    second: ReactNode;
    /** size of the second and the least of either, as "45%" or "300px" */
    size: SplitterPaneSize;
    least: SplitterPaneSize;
    /** what the line between them is called */
    line: string;
}

const ALL: SplitterPaneSize = '100%';

/** Two panes with a line between them that can be moved, by arrow keys too; where it was left is remembered. */
export function Split({ id, orientation, first, second, size, least, line }: Props) {
    const rest: SplitterPaneSize = String(size).endsWith('%') ? `${100 - parseFloat(String(size))}%` : ALL;
    const [sizes, keep] = useLocalStorage({ key: `dinghy-split-${id}`, defaultValue: [rest, size], getInitialValueInEffect: false });
    const isSplit = second !== null;
    return (
        <Splitter orientation={orientation} sizes={isSplit ? sizes : [ALL]} onSizeChange={isSplit ? keep : undefined} classNames={classes} withHandle={false} lineSize={8} attributes={{ handle: { 'aria-label': line } }}>
            <Splitter.Pane defaultSize={rest} min={least}>
                {first}
            </Splitter.Pane>
            {isSplit && (
                <Splitter.Pane defaultSize={size} min={least}>
                    {second}
                </Splitter.Pane>
            )}
        </Splitter>
    );
}
