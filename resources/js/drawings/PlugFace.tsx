import type { Sonar } from '../api/types';
import classes from './PlugFace.module.css';

export type Side = 'mating' | 'wire';

interface Props {
    side: Side;
    pins: readonly { pin: number; colour: string | null; isWrong: boolean }[];
    /** px, where it is drawn within another drawing */
    place?: { x: number; y: number; width: number; height: number };
}

/** The pins of a slip as faces draw them. */
export const facePins = ({ landings }: Sonar['slips'][number]): Props['pins'] => landings.map(({ pin, colour, right }) => ({ pin, colour, isWrong: right === false }));

const SIZE = 200;
const RING = 66;
const PIN = 15;

/** A plug seen from one of its sides: pins round the key, in their order, and what is landed on each. From the other side they run the other way. */
export function PlugFace({ side, pins, place }: Props) {
    const turn = side === 'mating' ? 1 : -1;
    const words = `Plug from its ${side} side: ${pins.map(({ pin, colour, isWrong }) => `pin ${pin} ${colour ?? 'free'}${isWrong ? ', wrong' : ''}`).join('; ')}`;
    return (
        <svg viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label={words} className={place === undefined ? classes.face : undefined} {...place}>
            <circle cx={SIZE / 2} cy={SIZE / 2} r={96} className={classes.shell} />
            <path d={`M ${SIZE / 2 - 9} 4 h 18 v 12 h -18 z`} className={classes.key} />
            {pins.map(({ pin, colour, isWrong }, at) => {
                // Half a step from the key, so that the first and the last stand on either side of it.
                const angle = (turn * 2 * Math.PI * (at + 0.5)) / pins.length - Math.PI / 2;
                const [x, y] = [SIZE / 2 + RING * Math.cos(angle), SIZE / 2 + RING * Math.sin(angle)];
                return (
                    <g key={`${pin} ${colour ?? ''}`} data-face-pin={pin} className={isWrong ? classes.wrong : colour === null ? classes.free : classes.pin}>
                        <circle cx={x} cy={y} r={PIN} />
                        <text x={x} y={y + 6} textAnchor="middle">
                            {pin}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
