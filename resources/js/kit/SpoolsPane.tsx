import type { Kit, KitPiece } from '../api/types';
import { SpoolBars } from '../drawings/SpoolBars';
import { length, useUnits } from '../units/units';

interface Props {
    kit: Kit;
    chosen: string | null;
    onChoose: (piece: KitPiece) => void;
}

/** m by which more is cut into than may do at best, from which on it is said */
const NOTICED = 0.01;

/** What is cut from which spool, and which spools stand side by side for one pull. */
export function SpoolsPane({ kit, chosen, onChoose }: Props) {
    const { system } = useUnits();
    const far = [...new Map(kit.spools.filter((spool) => spool.opened_m !== null && spool.bound_m !== null && spool.opened_m > spool.bound_m + NOTICED).map((spool) => [spool.wire, spool])).values()];
    return (
        <>
            <SpoolBars spools={kit.spools} pieces={kit.pieces} chosen={chosen} onChoose={onChoose} />
            {far.length > 0 && (
                <p className="quiet">
                    {far.map(({ wire, opened_m, bound_m }) => `${wire}: ${length(opened_m, system)} are cut into; less than ${length(bound_m, system)} cannot do`).join('. ')}.
                </p>
            )}
            {kit.pulls.length > 0 && (
                <>
                    <h3>Pulled together, then cut</h3>
                    <ul>
                        {kit.pulls.map((pull) => (
                            <li key={pull.ways.join(' ')}>{pull.says}</li>
                        ))}
                    </ul>
                </>
            )}
        </>
    );
}
