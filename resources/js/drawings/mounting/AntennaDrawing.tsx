import lines from '../lines.module.css';
import { type Answered, MountingFrame } from './MountingFrame';

interface Props extends Answered {
    /** open, screened, under-metal; undefined: nobody has looked */
    sky: string | undefined;
    steppedOn: boolean | undefined;
}

/** From the side: the antenna on its deck, the sky that it sees, what stands above it, a foot where it is stepped on. */
export function AntennaDrawing({ sky, steppedOn, ...frame }: Props) {
    return (
        <MountingFrame {...frame} box="0 0 260 200">
            <path d={sky === 'open' ? 'M130 148L10 12H250Z' : 'M130 148L82 74H178Z'} {...(sky === undefined ? { className: `${lines.line} ${lines.soft}`, strokeDasharray: '3 3' } : { fill: 'var(--water)' })} />
            {sky === 'screened' && <path d="M40 74H220M40 66L60 74M80 66L100 74M120 66L140 74M160 66L180 74M200 66L220 74" className={lines.line} />}
            {sky === 'under-metal' && <rect x={40} y={60} width={180} height={14} className={`${lines.solid} ${lines.soft}`} />}
            <rect x={0} y={160} width={260} height={40} className={lines.ground} />
            <path d="M112 160V152Q112 142 130 142Q148 142 148 152V160Z" className={lines.box} />
            {steppedOn === true && <path d="M128 84V122Q130 134 150 134H176Q182 134 182 128Q180 120 164 116L156 112V84" className={lines.ground} />}
            {(sky === undefined || steppedOn === undefined) && (
                <text x={130} y={188} textAnchor="middle" className={lines.text}>
                    {sky === undefined ? 'what stands above it?' : 'is it stepped on?'}
                </text>
            )}
        </MountingFrame>
    );
}
