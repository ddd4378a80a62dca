import { SegmentedControl } from '@mantine/core';

interface Props<T extends string> {
    drawings: readonly (readonly [name: T, label: string])[];
    drawing: T;
    onDrawing: (drawing: T) => void;
}

/** Which of a stage's drawings stands above, and its name for who cannot see it. */
export function DrawingSwitch<T extends string>({ drawings, drawing, onDrawing }: Props<T>) {
    return (
        <>
            <h2 className="unseen">{drawings.find(([name]) => name === drawing)?.[1]}</h2>
            <SegmentedControl size="xs" aria-label="What is drawn" data={drawings.map(([value, label]) => ({ value, label }))} value={drawing} onChange={onDrawing} transitionDuration={0} />
        </>
    );
}
