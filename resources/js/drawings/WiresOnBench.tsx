import type { KitEnd, KitPiece } from '../api/types';
import { FOOT, length, type System, useUnits } from '../units/units';
import { WireEnd } from './WireEnd';
import classes from './WiresOnBench.module.css';

interface Props {
    pieces: KitPiece[];
    /** the piece in hand */
    chosen: string | null;
    /** the part in hand, as "feed:house": its pieces are lit */
    lit: string;
    onChoose: (piece: KitPiece) => void;
}

/** px that a wire of 1 mm² is thick, and the thickest and thinnest that is drawn */
const THICK = 1.6;
const THICKEST = 18;
const THINNEST = 3;

/** Every piece of wire as it will lie on the bench, to scale, with its ends and what their holes are. */
export function WiresOnBench({ pieces, chosen, lit, onChoose }: Props) {
    const { system } = useUnits();
    const longest = Math.max(0.3, ...pieces.map((piece) => piece.cut_m ?? 0));
    return (
        <div>
            <Scale longest={longest} system={system} />
            <ul className={classes.list} aria-label="Wires on the bench">
                {pieces.map((piece) => (
                    <li key={piece.id}>
                        <button type="button" className={classes.row} data-piece={piece.id} aria-pressed={piece.id === chosen} data-lit={piece.of === lit || undefined} onClick={() => onChoose(piece)}>
                            <span>
                                <span className={classes.name}>{piece.wire}</span>
                                <span className="quiet" style={{ display: 'block', fontSize: 13, lineHeight: 1.2 }}>
                                    {piece.circuit}: {piece.from} → {piece.to}
                                </span>
                            </span>
                            {piece.cut_m === 0 ? <span className="quiet">no wire: it sits on the post</span> : <Wire piece={piece} longest={longest} />}
                            <span className={classes.length}>
                                {piece.cut_m === null ? 'to measure' : length(piece.cut_m, system)}
                                {piece.after_pull && piece.cut_m !== null && <small>after the pull</small>}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}

function Wire({ piece, longest }: { piece: KitPiece; longest: number }) {
    const thick = Math.min(THICKEST, Math.max(THINNEST, THICK * Math.sqrt(piece.area_mm2) * (piece.pair ? 1.6 : 1)));
    return (
        <span className={classes.track}>
            <End ends={piece.ends.filter((end) => end.first)} isLast={false} />
            <span className={classes.along}>
                <span
                    className={classes.wire}
                    data-minus={piece.side === '-' || undefined}
                    data-pair={piece.pair || undefined}
                    data-unknown={piece.cut_m === null || undefined}
                    style={{ width: `${(100 * (piece.cut_m ?? longest / 3)) / longest}%`, height: thick, maxWidth: 'calc(100% - 56px)' }}
                />
                <span className={classes.last}>
                    <Ending ends={piece.ends.filter((end) => !end.first)} isLast />
                </span>
            </span>
        </span>
    );
}

function End({ ends, isLast }: { ends: KitEnd[]; isLast: boolean }) {
    return (
        <span className={classes.end} data-first={!isLast || undefined}>
            <Ending ends={ends} isLast={isLast} />
        </span>
    );
}

/** Of a pair its plus, which is drawn uppermost. */
function Ending({ ends, isLast }: { ends: KitEnd[]; isLast: boolean }) {
    const [end] = ends;
    if (end === undefined) {
        return null;
    }
    const isRight = ends.every((one) => one.suits);
    const holes = [...new Set(ends.map(told))];
    return (
        <>
            <WireEnd kind={end.kind} isLast={isLast} isRight={isRight} />
            <span>{holes.join(', ')}</span>
            {!isRight && <strong>on {end.stud}</strong>}
        </>
    );
}

/** What stands under an end: the hole of a ring, else what it is. */
export function told(end: KitEnd): string {
    switch (end.kind) {
        case 'ring':
            return end.hole ?? '?';
        case 'step-down':
            return 'step';
        case 'none':
            return 'bare';
        default:
            return end.kind;
    }
}

/** A mark each foot or half metre, named where there is room. */
function Scale({ longest, system }: { longest: number; system: System }) {
    const step = system === 'metric' ? 0.5 : FOOT;
    const marks = Array.from({ length: Math.floor(longest / step + 1e-6) + 1 }, (_, at) => at);
    const named = marks.length > 12 ? 4 : 2;
    return (
        <div className={classes.scale} aria-hidden>
            <span>to scale: {system === 'metric' ? 'half a metre' : '1 ft'} a mark</span>
            <div className={classes.ruler}>
                {marks.map((at) => (
                    <span key={at} className={classes.tick} data-named={at % named === 0 || undefined} style={{ insetInlineStart: `calc(${(100 * at * step) / longest}% )` }}>
                        {at % named === 0 && (system === 'metric' ? at * step : at)}
                    </span>
                ))}
            </div>
            <span />
        </div>
    );
}
