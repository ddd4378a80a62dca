import type { Layout, PlannedJob } from '../api/types';
import { BoreDrawing } from '../drawings/BoreDrawing';
import table from '../look/table.module.css';
import { stationName } from './stationName';
import classes from './TubesPane.module.css';

interface Props {
    job: PlannedJob;
    layout: Layout;
    run: string;
    onChoose: (on: string) => void;
}

/** Every tube cut across with what lies in it, the room that is left, and how it is pulled. */
export function TubesPane({ job, layout, run, onChoose }: Props) {
    const ways = job.plan.boat?.ways ?? [];
    const named = (id: string) => {
        const way = ways.find((one) => one.id === id);
        return way === undefined ? id : `${stationName(job, way.from)} to ${stationName(job, way.to)}`;
    };
    return (
        <ul className={classes.tubes}>
            {layout.ways.map((way) => (
                <li key={way.id} className={classes.tube} data-tube={way.id}>
                    {way.bore !== null && <BoreDrawing bore={way.bore} label={named(way.id)} run={run} />}
                    <div>
                        <h3 className={table.heading}>
                            <button type="button" className="plain" onClick={() => onChoose(`way:${way.id}`)}>
                                {named(way.id)}
                            </button>
                        </h3>
                        {way.bore === null ? (
                            <p>
                                {way.cables} {way.cables === 1 ? 'cable' : 'cables'}, laid openly or in a bore that nobody has measured.
                            </p>
                        ) : (
                            <p>
                                <strong className={way.bore.too_full ? table.bad : table.good} data-figure={`fill-${way.id}`}>
                                    {way.bore.fill_pct.toFixed(0)} % full
                                </strong>
                                , limit {way.bore.limit_pct.toFixed(0)} %. {way.bore.room_mm > 0 ? `Room for one more of ${way.bore.room_mm.toFixed(1)} mm.` : 'No room for another.'}
                            </p>
                        )}
                        <p className="quiet">{way.pull}</p>
                        {way.bore !== null && way.bore.cables.length > 0 && (
                            <ol className={classes.cables}>
                                {way.bore.cables.map((cable, at) => (
                                    <li key={at}>
                                        {cable.name}, {cable.diameter_mm.toFixed(1)} mm
                                    </li>
                                ))}
                            </ol>
                        )}
                    </div>
                </li>
            ))}
        </ul>
    );
}
