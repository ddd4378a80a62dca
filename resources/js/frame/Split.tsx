import type { ReactNode } from 'react';
import { Group, Panel, Separator, useDefaultLayout } from 'react-resizable-panels';

import classes from './Split.module.css';

interface Props {
    /** what it is remembered by */
    id: string;
    orientation: 'horizontal' | 'vertical';
    first: ReactNode;
    /** null: the first has all the room */
    second: ReactNode;
    /** size of the second, as the library takes it */
    size: string;
    least: string;
    /** what the line between them is called */
    line: string;
}

/** Two panes with a line between them that can be moved, by arrow keys too; where it was left is remembered. */
export function Split({ id, orientation, first, second, size, least, line }: Props) {
    const ids = second === null ? ['first'] : ['first', 'second'];
    const { defaultLayout, onLayoutChanged } = useDefaultLayout({ id: `dinghy-${id}`, panelIds: ids, storage: localStorage });
    return (
        <Group orientation={orientation} defaultLayout={defaultLayout} onLayoutChanged={onLayoutChanged} className={classes.group}>
            <Panel id="first" minSize={least} className={classes.panel}>
                {first}
            </Panel>
            {second !== null && (
                <>
                    <Separator className={orientation === 'vertical' ? classes.across : classes.down} aria-label={line} />
                    <Panel id="second" defaultSize={size} minSize={least} className={classes.panel}>
                        {second}
                    </Panel>
                </>
            )}
        </Group>
    );
}
