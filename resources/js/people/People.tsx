import { Button, Group, Table } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { ask, Refused } from '../api/client';
import { people as asked } from '../api/queries';
import type { Persons } from '../api/types';
import { Dialog } from '../look/Dialog';
import { HeadRow } from '../look/HeadRow';
import { Page } from '../look/Page';
import { ToSignIn } from '../sign-in/ToSignIn';

/** Who is in the shop. The owner ends sign-ins: of a phone that is lost, of somebody who has left. */
export function People() {
    useDocumentTitle('People · Dinghy');
    const people = useQuery(asked);
    const [asking, setAsking] = useState<Persons['people'][number] | null>(null);
    const end = useMutation({ mutationFn: (person: Persons['people'][number]) => ask(`people/${person.id}/sessions`, { method: 'DELETE' }) });
    if (people.error instanceof Refused && people.error.status === 401) {
        return <ToSignIn />;
    }
    return (
        <Page title="People">
            {people.error !== null && <p role="alert">{people.error.message}</p>}
            {end.error !== null && <p role="alert">{end.error.message}</p>}
            <p role="status">{end.isSuccess ? `Every sign-in of ${end.variables.name} has ended; the password still holds.` : ''}</p>
            <Table>
                <HeadRow heads={['Name', 'Role', 'E-mail', 'Sign-ins']} />
                <Table.Tbody>
                    {people.data?.people.map((person) => (
                        <Table.Tr key={person.id}>
                            <Table.Td>{person.name}</Table.Td>
                            <Table.Td>{person.role}</Table.Td>
                            <Table.Td>{person.email}</Table.Td>
                            <Table.Td>
                                <Button size="compact-sm" variant="outline" onClick={() => setAsking(person)} aria-label={`End every sign-in of ${person.name}`}>
                                    End every sign-in
                                </Button>
                            </Table.Td>
                        </Table.Tr>
                    ))}
                </Table.Tbody>
            </Table>
            {asking !== null && (
                <Dialog opened onClose={() => setAsking(null)} title={`End every sign-in of ${asking.name}?`}>
                    <p>Wherever {asking.name} is signed in, the password is asked for again. Changes that wait there to be sent stay there until then.</p>
                    <Group gap={8} mt={8}>
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
                    </Group>
                </Dialog>
            )}
        </Page>
    );
}
