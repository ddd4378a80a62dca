import type { KitPiece, KitSpool } from '../api/types';
import { Verdict } from '../look/Verdict';
import { length, useUnits } from '../units/units';
import classes from './SpoolBars.module.css';

/** of what is cut, that is drawn at most of what is left: a longer rest is torn off */
const MOST_REST = 0.35;

const STATE = { bought: 'to buy:', free: 'on the shelf:', taken: 'taken from the shelf:', cut: 'cut:' } as const;

interface Props {
    spools: KitSpool[];
    pieces: KitPiece[];
    /** the piece in hand */
    chosen: string | null;
    onChoose: (piece: KitPiece) => void;
}

/** Spools as bars, each to a scale of its own, with the pieces that are cut from them and what is left. */
export function SpoolBars({ spools, pieces, chosen, onChoose }: Props) {
    const { system } = useUnits();
    return (
        <ul className="bare" aria-label="Spools, cut with the least left over">
            {spools.map((spool, at) => {
                const rest = MOST_REST * (spool.length_m - spool.left_m);
                return (
                <li key={`${spool.wire} ${at}`} className={classes.spool} data-spool={spool.wire}>
                    <span>
                        <strong>{spool.wire}</strong>
                        <br />
                        <span className="quiet">{STATE[spool.state]} {length(spool.length_m, system)}{spool.state === 'bought' && ', waste and all'}</span>
                    </span>
                    <span className={classes.bar} data-bought={spool.state === 'bought' || undefined}>
                        {spool.pieces.map(({ wire, m }) => {
                            const piece = pieces.find((one) => one.id === wire);
                            return (
                                piece !== undefined && (
                                    <button
                                        key={wire}
                                        type="button"
                                        className={classes.piece}
                                        data-minus={piece.side === '-' || undefined}
                                        data-pair={piece.pair || undefined}
                                        aria-pressed={wire === chosen}
                                        aria-label={`${piece.circuit}, ${piece.from} to ${piece.to}, ${length(m, system)}`}
                                        style={{ flexGrow: m }}
                                        onClick={() => onChoose(piece)}
                                    >
                                        <span>
                                            {piece.circuit} {piece.pair ? '' : piece.side.replace('-', '−')}
                                        </span>
                                    </button>
                                )
                            );
                        })}
                        <span className={classes.rest} data-torn={spool.left_m > rest || undefined} style={{ flexGrow: Math.min(spool.left_m, rest) }} />
                    </span>
                    <span className={classes.left}>
                        {spool.state === 'cut' ? (
                            <Verdict good>cut</Verdict>
                        ) : spool.state === 'bought' ? (
                            <span className="quiet">{length(spool.left_m, system)} of it waste</span>
                        ) : (
                            <Verdict good={spool.kept ? true : null}>{spool.kept ? `${length(spool.left_m, system)} back to stock` : `${length(spool.left_m, system)}: offcut`}</Verdict>
                        )}
                    </span>
                </li>
                );
            })}
        </ul>
    );
}
