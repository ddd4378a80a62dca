import { DeployDrawing } from './DeployDrawing';
import type { Measured } from './MountingFrame';
import { ShaftDrawing } from './ShaftDrawing';
import { SightDrawing } from './SightDrawing';
import { SweepDrawing } from './SweepDrawing';

const DRAWINGS: Record<string, (measured: Measured) => React.ReactNode> = { deploy: DeployDrawing, sweep: SweepDrawing, shaft: ShaftDrawing, seen_from_helm: SightDrawing, seen_from_angler: SightDrawing };

/** The question of a mounting as a small drawing; figures stand beside it. */
export function MountingDrawing({ field, ...measured }: Measured & { field: string }) {
    const Drawing = DRAWINGS[field];
    return Drawing === undefined ? null : <Drawing {...measured} />;
}
