import type { KitPiece, PlannedJob } from '../api/types';
import { spokenOf } from '../boat/parts';
import { BatteryBench } from '../drawings/BatteryBench';
import { BoatPlan } from '../drawings/BoatPlan';
import { PowerList } from '../drawings/PowerList';
import { PowerTree } from '../drawings/PowerTree';
import { WiresOnBench } from '../drawings/WiresOnBench';
import { ZoomPane } from '../drawings/ZoomPane';
import { useUpright } from '../look/useNarrow';
import { useBench } from '../plan/useBench';
import { useStageAnswer } from '../plan/useStageAnswer';

export const DRAWINGS = [
    ['wires', 'Wires'],
    ['posts', 'At the batteries'],
    ['boat', 'In the boat'],
    ['tree', 'In the tree'],
] as const;

export type Drawn = (typeof DRAWINGS)[number][0];

interface Props {
    job: PlannedJob;
    drawn: Drawn;
    pieces: KitPiece[];
    /** the piece in hand */
    piece: KitPiece | undefined;
    /** the part in hand, as "feed:house" */
    on: string;
    onSelect: (on: string) => void;
    onChoose: (piece: KitPiece) => void;
}

/** The wires as they lie on the bench, or where the one in hand goes. */
export function KitDrawing({ job, drawn, pieces, piece, on, onSelect, onChoose }: Props) {
    switch (drawn) {
        case 'wires':
            return <WiresOnBench pieces={pieces} chosen={piece?.id ?? null} lit={on} onChoose={onChoose} />;
        case 'posts':
            return <AtTheBatteries job={job} piece={piece} on={on} onSelect={onSelect} />;
        case 'boat':
            return <InTheBoat job={job} lit={pieces.filter((one) => one.of === on).flatMap((one) => one.ways)} on={on} onSelect={onSelect} />;
        case 'tree':
            return <InTheTree job={job} on={on} onSelect={onSelect} />;
    }
}

interface InHand {
    job: PlannedJob;
    on: string;
    onSelect: (on: string) => void;
}

/** The bank that the piece in hand lands on, its posts ringed; the first where it lands on none. */
function AtTheBatteries({ job, piece, on, onSelect }: InHand & { piece: KitPiece | undefined }) {
    const power = useStageAnswer(job, 'power').data;
    const id = piece?.bank ?? job.plan.banks?.[0]?.id;
    const bench = useBench(job, id).data;
    const wired = power?.banks.find((bank) => bank.id === id);
    if (id === undefined) {
        return <p>No bank is planned yet.</p>;
    }
    return (
        <>
            {piece?.bank === null && <p>This piece lands on no battery: the {spokenOf(job, `bank:${id}`)} is shown as it is.</p>}
            {bench?.bank === id && wired !== undefined && (
                <ZoomPane label={`Bench of the ${spokenOf(job, `bank:${id}`)}`}>
                    <BatteryBench job={job} wired={wired} bench={bench} probes={NO_PROBES} done={null} selected={on} onSelect={onSelect} lit={piece?.posts ?? []} acts={null} />
                </ZoomPane>
            )}
        </>
    );
}

/** Nothing is measured at this stage. */
const NO_PROBES = { plus: '', minus: '' };

/** The boat plan, asked for when it is looked at. */
function InTheBoat({ job, lit, on, onSelect }: InHand & { lit: string[] }) {
    const layout = useStageAnswer(job, 'layout').data;
    return layout === undefined ? null : <BoatPlan job={job} layout={layout} lit={lit} chosen={on} onChoose={onSelect} acts={null} onDraft={() => undefined} drafted={null} />;
}

/** The power tree, likewise. */
function InTheTree({ job, on, onSelect }: InHand) {
    const power = useStageAnswer(job, 'power').data;
    if (useUpright()) {
        return <PowerList job={job} selected={on} touched={[]} onSelect={onSelect} />;
    }
    return <PowerTree job={job} wired={power?.banks ?? []} selected={on} touched={[]} onSelect={onSelect} onHang={null} />;
}
