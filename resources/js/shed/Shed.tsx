import { Button, Text, Title } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router-dom';

import { ask, Refused } from '../api/client';
import { session, shed as asked } from '../api/queries';
import type { Bay } from '../api/types';
import { Page } from '../look/Page';
import { NewPassword } from '../people/NewPassword';
import { together } from '../units/together';
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
    const person = useQuery(session);
    const shed = useQuery({ ...asked, refetchInterval: 20_000 });

    if ((person.error ?? shed.error) instanceof Refused) {
        return <ToSignIn />;
    }
    const signOut = async () => {
        await ask('session', { method: 'DELETE' });
        queries.clear();
        window.location.assign('/sign-in');
    };

    return (
        <Page
            title="The shed"
            lead={person.data?.shop ?? ''}
            widest={1500}
            acts={
                <>
                    <span className="quiet">
                        {person.data?.name}, {person.data?.role}
                    </span>
                    {person.data !== undefined && person.data.role !== 'apprentice' && (
                        <Button size="sm" onClick={() => setTakingIn(true)}>
                            Take a boat in
                        </Button>
                    )}
                    <Link to="/catalogue">Catalogue</Link>
                    <Link to="/stock">Stock</Link>
                    <Link to="/house-rules">House rules</Link>
                    <Link to="/settings">Settings</Link>
                    {person.data?.role === 'owner' && <Link to="/people">People</Link>}
                    <Button size="sm" variant="outline" onClick={() => setIsChanging(true)}>
                        Your password
                    </Button>
                    <Button size="sm" variant="outline" onClick={() => void signOut()}>
                        Sign out
                    </Button>
                </>
            }
        >
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
        </Page>
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
            <Title order={2} size={20} mb={4}>
                {name}
            </Title>
            <Text size="sm" mb={3}>
                {job.customer} · {job.title}
            </Text>
            <Text size="sm" mb={3}>
                <strong>{job.stage === null ? 'Not begun' : job.stage.label}</strong> · {promised(job.promised_on)}
            </Text>
            <Text size="sm" mb={3}>
                {together(job.verdict)}
            </Text>
            {job.waits_for !== null && (
                <Text size="sm" mt={6} c="var(--ochre)">
                    waits for: {job.waits_for}
                </Text>
            )}
        </li>
    );
}
