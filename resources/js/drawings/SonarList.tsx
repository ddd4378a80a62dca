import { linkPart, plugsAt } from '../boat/dataSide';
import { partName } from '../boat/parts';
import { useUnits } from '../units/units';
import { cableFigures } from './cableFigures';
import { ListLine, type ListShown } from './ListLine';
import { NARROWEST, type PlacedCase, type PlacedTransducer, sonarMap } from './sonarMapLayout';
import classes from './UprightList.module.css';

/** What the sonar map shows, in its order, one under another, for a page that is held upright. */
export function SonarList(shown: ListShown) {
    const { job } = shown;
    const map = sonarMap(job, NARROWEST);
    return (
        <ul className={`bare ${classes.tree}`} aria-label="Sonar map as a list: every line is a button">
            {map.transducers.map((placed) => (
                <TransducerItem key={placed.transducer.id} {...shown} placed={placed} />
            ))}
            {map.cases.map((placed) => (
                <li key={placed.device}>
                    <CaseLine {...shown} placed={placed} />
                </li>
            ))}
            {map.cables.map(({ id }) => (
                <li key={id}>
                    <ListLine {...shown} stage="sonar" on={`network-cable:${id}`} look="run">
                        {partName(job, `network-cable:${id}`)}
                    </ListLine>
                </li>
            ))}
        </ul>
    );
}

/** A transducer, its cable, what joins the plugs, and the socket that it ends in. */
function TransducerItem({ placed, ...shown }: ListShown & { placed: PlacedTransducer }) {
    const { system } = useUnits();
    const { job } = shown;
    const { transducer, chain, reached } = placed;
    const { there, left, isShort } = cableFigures(placed, system);
    const to = transducer.to;
    const isShared = to?.socket !== undefined && plugsAt(job.plan, to.device, to.socket) > 1;
    return (
        <li data-transducer={transducer.id}>
            <ListLine {...shown} stage="sonar" on={`transducer:${transducer.id}`} look="box">
                <span className={classes.name}>{partName(job, `transducer:${transducer.id}`)}</span>
                <span className={classes.words}>{transducer.plug}</span>
            </ListLine>
            <div className={classes.cable}>
                {there !== '' && <p className="figure">{there}</p>}
                {left !== null && <p className={isShort ? `figure ${classes.bare ?? ''}` : 'figure'}>{left}</p>}
                {chain.map((id) => (
                    <ListLine key={id} {...shown} stage="sonar" on={linkPart(job.plan, id)} look="box">
                        <span className={classes.name}>{partName(job, linkPart(job.plan, id))}</span>
                    </ListLine>
                ))}
                {reached === false && <p className={classes.bare}>⬣ missing: nothing joins it to its socket</p>}
                <p>
                    {to == null ? 'plugged in nowhere' : `into ${partName(job, `device:${to.device}`)}`}
                    {isShared && <strong className={classes.bare}> · {plugsAt(job.plan, to.device, to.socket)} plugs, 1 socket</strong>}
                </p>
            </div>
        </li>
    );
}

function CaseLine({ placed: { device, sockets, ports }, ...shown }: ListShown & { placed: PlacedCase }) {
    const words = [freeOf(sockets, 'socket'), freeOf(ports, 'port')].filter((one) => one !== null);
    return (
        <ListLine {...shown} stage="sonar" on={`device:${device}`} look="box">
            <span className={classes.name}>{partName(shown.job, `device:${device}`)}</span>
            <span className={classes.words}>{words.join(' · ')}</span>
        </ListLine>
    );
}

/** "1 of 3 ports free"; null: it has none */
function freeOf(holes: readonly { taken: boolean }[], name: string): string | null {
    const free = holes.filter(({ taken }) => !taken).length;
    return holes.length === 0 ? null : holes.length === 1 ? `${name} ${free === 1 ? 'free' : 'taken'}` : `${free} of ${holes.length} ${name}s free`;
}
