import { Button } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router-dom';

import { ask, Refused } from '../api/client';
import type { Bay, Person, Shed as ShedAnswer } from '../api/types';
import { NewPassword } from '../people/NewPassword';
import { useWritten } from '../units/conventions';
import { ToSignIn } from '../sign-in/ToSignIn';
import { HullOutline } from './HullOutline';
import classes from './Shed.module.css';
import { TakeIn } from './TakeIn';
import { WeekStrip } from './WeekStrip';

export function Shed() {
    useDocumentTitle('The shed · Dinghy');
    const queries = useQueryClient();
    const [takingIn, setTakingIn] = useState(false);
    const [isChanging, setIsChanging] = useState(false);
    const [params, setParams] = useSearchParams();
    const like = params.has('like') ? Number(params.get('like')) : null;
    const person = useQuery({ queryKey: ['session'], queryFn: () => ask<Person>('session') });
    const shed = useQuery({ queryKey: ['shed'], queryFn: () => ask<ShedAnswer>('shed'), refetchInterval: 20_000 });

    if ((person.error ?? shed.error) instanceof Refused) {
        return <ToSignIn />;
    }
    const signOut = async () => {
        await ask('session', { method: 'DELETE' });
        queries.clear();
        window.location.assign('/sign-in');
    };

    return (
        <main className={classes.page}>
            <header className={classes.head}>
                <div>
                    <h1 className={classes.title}>The shed</h1>
                    <p className={classes.lead}>{person.data?.shop}</p>
                </div>
                <div className={classes.acts}>
                    <span className="quiet">
                        {person.data?.name}, {person.data?.role}
                    </span>
                    {person.data !== undefined && person.data.role !== 'apprentice' && (
                        <Button size="sm" onClick={() => setTakingIn(true)}>
                            Take a boat in
                        </Button>
                    )}
                    <Link to="/catalogue">Catalogue</Link>
                    <Link to="/house-rules">House rules</Link>
                    <Link to="/settings">Settings</Link>
                    {person.data?.role === 'owner' && <Link to="/people">People</Link>}
                    <Button size="sm" variant="outline" onClick={() => setIsChanging(true)}>
                        Your password
                    </Button>
                    <Button size="sm" variant="outline" onClick={() => void signOut()}>
                        Sign out
                    </Button>
                </div>
            </header>
            {shed.error !== null && <p role="alert">The shed cannot be read: the server does not answer. It is asked again by itself.</p>}
            <ul className={classes.bays}>{shed.data?.jobs.map((job) => <BayPlace key={job.id} job={job} />)}</ul>
            {shed.data !== undefined && <WeekStrip today={shed.data.today} jobs={shed.data.jobs} />}
            {isChanging && <NewPassword onClose={() => setIsChanging(false)} />}
            {(takingIn || like !== null) && (
                <TakeIn
                    opened
                    begun={like}
                    boats={shed.data?.jobs ?? []}
                    onClose={() => {
                        setTakingIn(false);
                        setParams({}, { replace: true });
                    }}
                />
            )}
        </main>
    );
}

function BayPlace({ job }: { job: Bay }) {
    const { promised } = useWritten();
    const name = job.stage === null ? job.boat.name : <Link to={`/jobs/${job.id}/${job.stage.name}`}>{job.boat.name}</Link>;
    return (
        <li className={classes.bay}>
            <div className={classes.floor}>
                <span className={classes.number}>{job.bay === null ? 'yard' : `bay ${job.bay}`}</span>
                <HullOutline rings={job.boat.rings} stops={job.stops} decisions={job.decisions} />
            </div>
            <h2 className={classes.boat}>{name}</h2>
            <p className={classes.line}>
                {job.customer} · {job.title}
            </p>
            <p className={classes.line}>
                <strong>{job.stage === null ? 'Not begun' : job.stage.label}</strong> · {promised(job.promised_on)}
            </p>
            <p className={classes.line}>{job.verdict}</p>
            {job.waits_for !== null && <p className={classes.waits}>waits for: {job.waits_for}</p>}
        </li>
    );
}
