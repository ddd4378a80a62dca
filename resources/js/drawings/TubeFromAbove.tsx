import type { Layout } from '../api/types';
import lines from './lines.module.css';

interface Props {
    d: string;
    /** m to a pixel */
    pixel: number;
    /** null: nobody has measured it */
    bore: Layout['ways'][number]['bore'];
    isLit: boolean;
    /** its corners, ends included */
    spots: { x: number; y: number }[];
}

/** px across, walls included, and of one wall */
const [ACROSS, WALL] = [11, 1];
/** px from the tube to the words beside it */
const BESIDE = 13;

/** A tube on the boat plan: filled as far as it is, against what it may be filled, and by how much in words. */
export function TubeFromAbove({ d, pixel, bore, isLit, spots }: Props) {
    const inside = ACROSS - 2 * WALL;
    const share = bore === null ? 0 : Math.min(1, bore.fill_pct / bore.limit_pct);
    const beside = bore === null ? null : besideLongestPiece(spots, BESIDE * pixel);
    return (
        <>
            <path d={d} className={lines.line} strokeLinejoin="round" strokeWidth={ACROSS * pixel} />
            <path d={d} data-part="bore" fill="none" stroke="var(--sheet)" strokeLinejoin="round" strokeWidth={inside * pixel} />
            {share > 0 && <path d={d} data-part="fill" fill="none" stroke={bore?.too_full ? 'var(--brick)' : 'var(--filling)'} strokeLinejoin="round" strokeWidth={Math.max(1.5, share * inside) * pixel} data-full={bore?.too_full || undefined} />}
            {isLit && <path d={d} className={`${lines.line} ${lines.copper}`} strokeLinejoin="round" strokeWidth={4.5 * pixel} />}
            {beside !== null && (
                <text x={beside.x} y={beside.y} fontSize={12 * pixel} textAnchor="middle" dominantBaseline="middle" data-part="full" className={`${bore?.too_full ? `${lines.figure} ${lines.stop}` : `${lines.words} ${lines.soft}`} ${lines.edged}`} pointerEvents="none" strokeWidth={3 * pixel} data-full={bore?.too_full || undefined}>
                    {bore?.fill_pct.toFixed(0)} %
                </text>
            )}
        </>
    );
}

/** A place beside the middle of the longest straight piece, at its square. */
function besideLongestPiece(spots: Props['spots'], away: number): { x: number; y: number } | null {
    let longest: { x: number; y: number } | null = null;
    let most = 0;
    for (let at = 1; at < spots.length; at++) {
        const [from, to] = [spots[at - 1], spots[at]];
        const long = from === undefined || to === undefined ? 0 : Math.hypot(to.x - from.x, to.y - from.y);
        if (from !== undefined && to !== undefined && long > most) {
            most = long;
            // To the right as one goes forward: below a way that leads to the bow.
            const side = to.x >= from.x ? 1 : -1;
            longest = { x: (from.x + to.x) / 2 - ((to.y - from.y) / long) * away * side * 1.6, y: (from.y + to.y) / 2 + ((to.x - from.x) / long) * away * side };
        }
    }
    return longest;
}
