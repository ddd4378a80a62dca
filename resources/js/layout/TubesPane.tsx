import { Act } from '../look/Act';
import { Title } from '@mantine/core';
import type { Layout, PlannedJob } from '../api/types';
import { BoreDrawing } from '../drawings/BoreDrawing';
import { Verdict } from '../look/Verdict';
import { small, useUnits } from '../units/units';
import { wayName } from '../boat/stationName';
import classes from './TubesPane.module.css';

interface Props {
    job: PlannedJob;
    layout: Layout;
    run: string;
    onChoose: (on: string) => void;
}

/** Every tube cut across with what lies in it, the room that is left, and how it is pulled. */
export function TubesPane({ job, layout, run, onChoose }: Props) {
    const { system } = useUnits();
    const ways = job.plan.boat?.ways ?? [];
    const named = (id: string) => {
        const way = ways.find((one) => one.id === id);
        return way === undefined ? id : wayName(job, way);
    };
    return (
        <ul className={classes.tubes}>
            {layout.ways.map((way) => (
                <li key={way.id} className={classes.tube} data-tube={way.id}>
                    {way.bore !== null && <BoreDrawing bore={way.bore} label={named(way.id)} run={run} />}
                    <div>
                        <Title order={3} size={16}>
                            <Act onClick={() => onChoose(`way:${way.id}`)}>
                                {named(way.id)}
                            </Act>
                        </Title>
                        {way.bore === null ? (
                            <p>
                                {way.cables} {way.cables === 1 ? 'cable' : 'cables'}, laid openly or in a bore that nobody has measured.
                            </p>
                        ) : (
                            <p>
                                <Verdict good={!way.bore.too_full} data-figure={`fill-${way.id}`}>
                                    {way.bore.fill_pct.toFixed(0)} % full
                                </Verdict>
                                , limit {way.bore.limit_pct.toFixed(0)} %. {way.bore.room_mm > 0 ? `Room for one more, up to ${small(way.bore.room_mm, system)} across.` : 'No room for another.'}
                            </p>
                        )}
                        <p className="quiet">{way.pull}</p>
                        {way.bore !== null && <Cables cables={way.bore.cables} />}
                    </div>
                </li>
            ))}
        </ul>
    );
}

/** What is drawn in, in its order, and what lies there before. */
function Cables({ cables }: { cables: NonNullable<Layout['ways'][number]['bore']>['cables'] }) {
    const { system } = useUnits();
    const [drawn, before] = [cables.filter((cable) => cable.run !== null), cables.filter((cable) => cable.run === null)];
    return (
        <>
            {drawn.length > 0 && (
                <>
                    <p>In this order:</p>
                    <ol className={classes.cables}>
                        {drawn.map((cable) => (
                            <li key={cable.name}>
                                {cable.name}, {small(cable.diameter_mm, system)}
                            </li>
                        ))}
                    </ol>
                </>
            )}
            {before.length > 0 && <p>There before: {before.map((cable) => small(cable.diameter_mm, system)).join(', ')}.</p>}
        </>
    );
}
