import { Button, Group } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router-dom';

import { Panes } from '../frame/Panes';
import { Stage, type StageProps } from '../frame/Stage';
import classes from '../frame/Stage.module.css';
import { type Asked, StageDialogs } from '../frame/StageDialogs';
import { StageFrame } from '../frame/StageFrame';
import { useStageAddress } from '../frame/useStageAddress';
import { useStageKeys } from '../frame/useStageKeys';
import { Region } from '../look/Region';
import { MAIN } from '../look/SkipLink';
import { useNarrow } from '../look/useNarrow';
import type { Findable } from '../palette/findable';
import { FindingsOn } from '../plan/FindingsOn';
import { WhyPanel } from '../why/WhyPanel';
import screen from './MeterStage.module.css';
import { type Pane, PANES } from './panes';
import { RestPane } from './RestPane';
import { useMeter } from './useMeter';
import { WayDrawn } from './WayDrawn';

const RestReading = lazy(async () => ({ default: (await import('./RestReading')).RestReading }));
const LoadPane = lazy(async () => ({ default: (await import('./LoadPane')).LoadPane }));
const StepsReadPane = lazy(async () => ({ default: (await import('./StepsReadPane')).StepsReadPane }));
const PassportPane = lazy(async () => ({ default: (await import('./PassportPane')).PassportPane }));

export function MeterStage() {
    return <Stage stage="meter">{(props) => <BoatMeter {...props} />}</Stage>;
}

/** The stage Meter: readings at rest one after another, ways under load, the passport. */
function BoatMeter({ job, edits, silent }: StageProps) {
    const { pane, paneName, go } = useStageAddress<Pane>(PANES, 'rest');
    const [params, setParams] = useSearchParams();
    const [asked, setAsked] = useState<Asked | null>(null);
    const [why, setWhy] = useState<string | null>(null);
    const isNarrow = useNarrow();
    const meter = useMeter(job);
    const rest = meter?.rest ?? [];
    const isRead = (id: string) => job.readings.some((one) => one.meter_point === id);
    const first = rest.find((one) => !isRead(one.of.id));
    const navigate = useNavigate();
    /** the step of the work that the reading was asked for at */
    const back = params.get('back');
    const named = params.get('point');
    const point = rest.find((one) => one.of.id === named) ?? (isNarrow ? undefined : (first ?? rest[0]));
    const set = (key: 'point' | 'way', to: string | null) =>
        setParams(
            (before) => {
                const next = new URLSearchParams(before);
                if (to === null) {
                    next.delete(key);
                } else {
                    next.set(key, to);
                }
                return next;
            },
            { replace: params.has(key) && to !== null },
        );
    const walk = (by: 1 | -1) => {
        const beside = rest[rest.findIndex((one) => one.of.id === point?.of.id) + by];
        if (beside !== undefined) {
            set('point', beside.of.id);
        }
    };
    /** The next that is not read, from this one on, else the first; null: all are. */
    const after = (id: string): string | null => {
        const at = rest.findIndex((one) => one.of.id === id);
        return [...rest.slice(at + 1), ...rest.slice(0, at)].find((one) => !isRead(one.of.id))?.of.id ?? null;
    };
    useStageKeys({ job, panes: PANES, onPane: (to) => go({ pane: to }), edits, onAsk: setAsked }, { j: () => walk(1), k: () => walk(-1), g: () => first !== undefined && set('point', first.of.id) });
    const reading = meter !== undefined && point !== undefined && (
        <Suspense fallback={null}>
            <RestReading job={job} edits={edits} meter={meter} point={point} onKept={() => set('point', after(point.of.id))} />
        </Suspense>
    );
    if (isNarrow && named !== null && point !== undefined) {
        return (
            <main id={MAIN} tabIndex={-1} className={screen.screen}>
                <div className={screen.head}>
                    <Button variant="subtle" mih={48} px={8} onClick={() => set('point', null)}>
                        ‹ List
                    </Button>
                    <h1>{job.boat}</h1>
                    <span data-figure="along">
                        {rest.filter((one) => isRead(one.of.id)).length} of {rest.length} read
                    </span>
                </div>
                {reading}
            </main>
        );
    }
    const way = meter?.paths.find((one) => one.on === params.get('way')) ?? meter?.paths[0];
    const count = rest.filter((one) => isRead(one.of.id)).length;
    const things: Findable[] = [
        ...PANES.map(([name, label]) => ({ kind: 'show', label, go: () => go({ pane: name }) })),
        ...rest.map((one) => ({ kind: 'reading', label: one.of.says, go: () => set('point', one.of.id) })),
    ];
    return (
        <StageFrame
            job={job}
            edits={edits}
            silent={silent}
            stage="meter"
            onAsk={setAsked}
            onWhy={() => go({ pane: 'rest' })}
            why={why === null ? null : <WhyPanel job={job} figure={why} figures={[{ figure: why, label: 'this finding' }]} onFigure={setWhy} onClose={() => setWhy(null)} />}
            onCloseWhy={() => setWhy(null)}
            asked={<StageDialogs stage="meter" edits={edits} asked={asked} onClose={() => setAsked(null)} job={job} />}
            on="plan"
            onSelect={() => undefined}
            about={<FindingsOn job={job} edits={edits} on="plan" onWhy={setWhy} onLook={() => undefined} />}
            things={things}
            paneName={paneName}
            drawing={
                <section className={classes.drawing} aria-label="Meter">
                    <Group component="header" gap="4px 24px" mih={32} fz={13}>
                        <strong data-figure="read" role="status" style={{ fontSize: '1rem' }}>
                            {meter === undefined ? 'Looking what was read…' : `${count} of ${rest.length} read at rest. ${meter.passports.length} of ${meter.paths.length} ways under load.`}
                        </strong>
                    </Group>
                    {meter !== undefined &&
                        (isNarrow ? (
                            <Button fullWidth className={screen.go} data-go-on disabled={rest.length === 0} onClick={() => set('point', (first ?? rest[0])?.of.id ?? null)}>
                                {count === 0 ? 'Read at rest' : count < rest.length ? 'On with the readings' : 'All are read: again from the first'}
                            </Button>
                        ) : (
                            pane === 'rest' || pane === 'steps' ? (
                                <div className={screen.desk} tabIndex={0} role="region" aria-label="Reading in hand">
                                    {reading}
                                </div>
                            ) : (
                                way !== undefined && <WayDrawn path={way} passport={meter.passports.find((one) => one.on === way.on)} />
                            )
                        ))}
                </section>
            }
            lower={
                <Panes panes={PANES} pane={pane} onPane={(to) => go({ pane: to })}>
                    <Region label={paneName}>
                        <Suspense fallback={<p>Fetching it…</p>}>
                            {meter === undefined ? (
                                <p>Looking what was read…</p>
                            ) : pane === 'rest' ? (
                                <RestPane job={job} meter={meter} chosen={point?.of.id ?? null} onPoint={(id) => set('point', id)} />
                            ) : pane === 'load' ? (
                                <LoadPane job={job} meter={meter} chosen={params.get('way')} onChosen={(on) => set('way', on)} onKept={() => (back === null ? go({ pane: 'passport' }) : void navigate(`/jobs/${job.id}/rig?step=${encodeURIComponent(back)}`))} />
                            ) : pane === 'steps' ? (
                                <StepsReadPane meter={meter} />
                            ) : (
                                <PassportPane job={job} meter={meter} />
                            )}
                        </Suspense>
                    </Region>
                </Panes>
            }
        />
    );
}
