import { NativeSelect, TextInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';

import { formOf, KINDS } from '../api/forms';
import type { PlannedJob } from '../api/types';
import { partName, partsOf, words } from '../boat/parts';
import { NewObject } from './ObjectEntry';
import type { PlanEdits } from '../plan/usePlanEdits';

interface Props {
    kind: string;
    job: PlannedJob;
    edits: PlanEdits;
    onBack: () => void;
    onDone: () => void;
}

/** A part that no catalogue has, filled in field by field. What is refused stays as it was typed. */
export function MakePart({ kind, job, edits, onBack, onDone }: Props) {
    const owner = KINDS[kind]?.owner ?? null;
    const owners = owner === null ? [] : partsOf(job.plan, owner).map(({ id }) => ({ value: `${owner}:${id}`, label: partName(job, `${owner}:${id}`) }));
    const fields = formOf(kind);
    const isNamed = fields.some((field) => field.name === 'name');
    const [name, setName] = useState('');
    const [within, setWithin] = useState(owners[0]?.value ?? '');
    const first = useRef<HTMLInputElement>(null);
    useEffect(() => first.current?.focus(), []);
    if (owner !== null && owners.length === 0) {
        return <p>It goes on a {KINDS[owner]?.word ?? owner}, and this boat has none yet.</p>;
    }
    return (
        <>
            <TextInput ref={first} label="Name" description="empty: as its kind" size="xs" value={name} onChange={(event) => setName(event.currentTarget.value)} />
            {owner !== null && <NativeSelect label={`On the ${KINDS[owner]?.word ?? owner}`} size="xs" data={owners} value={within} onChange={(event) => setWithin(event.currentTarget.value)} />}
            <NewObject
                fields={fields.filter((field) => field.name !== 'name' && field.entry !== 'parts')}
                holder={{ job }}
                onSelect={() => undefined}
                onLeave={onBack}
                onDone={async (part) => {
                    const called = name.trim() === '' ? words(KINDS[kind]?.word ?? kind) : name.trim();
                    const kept = await edits.submit(() => ({ propose: { make: 'part', kind, name: called, part: { ...part, ...(isNamed ? { name: called } : {}) }, ...(owner === null ? {} : { in: within }) } }));
                    if (kept) {
                        onDone();
                    }
                    return false;
                }}
            />
        </>
    );
}
