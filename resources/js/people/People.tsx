import { Button } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router-dom';

import { ask, Refused } from '../api/client';
import type { Persons } from '../api/types';
import { Dialog } from '../look/Dialog';
import page from '../look/page.module.css';
import table from '../look/table.module.css';
import { ToSignIn } from '../sign-in/ToSignIn';

/** Who is in the shop. The owner ends sign-ins: of a phone that is lost, of somebody who has left. */
export function People() {
    useDocumentTitle('People · Dinghy');
    const people = useQuery({ queryKey: ['people'], queryFn: () => ask<Persons>('people') });
    const [asking, setAsking] = useState<Persons['people'][number] | null>(null);
    const end = useMutation({ mutationFn: (person: Persons['people'][number]) => ask(`people/${person.id}/sessions`, { method: 'DELETE' }) });
    if (people.error instanceof Refused && people.error.status === 401) {
        return <ToSignIn />;
    }
    return (
        <main className={page.page}>
            <header className={page.head}>
                <h1 className={page.title}>People</h1>
                <Link to="/">to the shed</Link>
            </header>
            {people.error !== null && <p role="alert">{people.error.message}</p>}
            {end.error !== null && <p role="alert">{end.error.message}</p>}
            <p role="status">{end.isSuccess ? `Every sign-in of ${end.variables.name} has ended; the password still holds.` : ''}</p>
            <table className={table.table}>
                <thead>
                    <tr>
                        {['Name', 'Role', 'E-mail', 'Sign-ins'].map((title) => (
                            <th key={title} scope="col">
                                {title}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {people.data?.people.map((person) => (
                        <tr key={person.id}>
                            <td>{person.name}</td>
                            <td>{person.role}</td>
                            <td>{person.email}</td>
                            <td>
                                <Button size="compact-sm" variant="outline" onClick={() => setAsking(person)} aria-label={`End every sign-in of ${person.name}`}>
                                    End every sign-in
                                </Button>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {asking !== null && (
                <Dialog opened onClose={() => setAsking(null)} title={`End every sign-in of ${asking.name}?`}>
                    <p>Wherever {asking.name} is signed in, the password is asked for again. Changes that wait there to be sent stay there until then.</p>
                    <div className={table.form}>
                        <Button
                            onClick={() => {
                                end.mutate(asking);
                                setAsking(null);
                            }}
                        >
                            End them
                        </Button>
                        <Button variant="outline" onClick={() => setAsking(null)}>
                            Leave them
                        </Button>
                    </div>
                </Dialog>
            )}
        </main>
    );
}
