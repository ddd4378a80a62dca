import type { Sonar } from '../api/types';
import lines from './lines.module.css';

type Fan = NonNullable<Sonar['transducers'][number]['fan']>;

const [WIDTH, HEIGHT, REACH] = [260, 190, 112];

/** Which way a live transducer looks: from the side at the surface, a flat fan from above; the bow to the right. */
export function LookDrawing({ label, fan: { looks, edges_deg: edges } }: { label: string; fan: Fan }) {
    const isLevel = looks === 'perspective';
    const at = isLevel ? { x: 104, y: HEIGHT / 2 } : { x: 124, y: 62 };
    const towards = (degrees: number) => {
        const angle = (degrees * Math.PI) / 180;
        return `${at.x + REACH * Math.cos(angle)} ${at.y + REACH * Math.sin(angle)}`;
    };
    const [from = 0, to = 0] = edges;
    const wide = to - from > 180 ? 1 : 0;
    return (
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={WIDTH} role="img" aria-label={`${label} looks ${looks}: ${Math.round(to - from)}°, seen from ${isLevel ? 'above' : 'the side'}`}>
            {isLevel ? (
                <path d={`M8 ${at.y - 26}H70Q100 ${at.y - 20} 110 ${at.y}Q100 ${at.y + 20} 70 ${at.y + 26}H8z`} className={lines.solid} />
            ) : (
                <>
                    <path d={`M0 46H${WIDTH}`} className={`${lines.line} ${lines.hand}`} strokeWidth="1" strokeDasharray="6 4" />
                    <path d="M14 32H140L126 54H22z" className={lines.solid} />
                    <path d={`M${at.x} 54V${at.y}`} className={lines.line} strokeWidth="3" />
                </>
            )}
            <path d={`M${at.x} ${at.y}L${towards(from)}A${REACH} ${REACH} 0 ${wide} 1 ${towards(to)}z`} className={`${lines.line} ${lines.hand}`} strokeWidth="1.5" />
            <text x={WIDTH - 4} y={16} textAnchor="end" className={`${lines.text} ${lines.soft}`} fontSize="13">
                {isLevel ? 'from above' : 'from the side'}
            </text>
        </svg>
    );
}
