import { Button, Fieldset, Group, Paper } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import type { FormField } from '../api/forms';
import type { EntryProps } from './FieldEntry';
import { FormFields } from './FormFields';
import { type Holder, useDraftPart } from './holder';

type ObjectField = Extract<FormField, { entry: 'object' }>;

/** Fields that belong together. Those that only stand together are put in together. */
export function ObjectEntry({ field, path, holder, onSelect }: EntryProps<ObjectField> & { onSelect: (on: string) => void }) {
    const [isBegun, setBegun] = useState(false);
    const isGiven = holder.at(path) !== undefined && holder.at(path) !== null;
    const canBeAbsent = field.always !== true && field.required !== true;
    const begins = !isGiven && canBeAbsent;
    return (
        <Fieldset legend={field.label} data-field={path}>
            {begins && !isBegun && !holder.readOnly && (
                <Button size="compact-sm" variant="outline" onClick={() => setBegun(true)} aria-label={`Put in: ${field.label}`}>
                    Put in
                </Button>
            )}
            {begins && isBegun && <NewObject fields={field.fields} oneOf={field.oneOf} holder={holder} onSelect={onSelect} onLeave={() => setBegun(false)} onDone={(value) => holder.set(path, value)} />}
            {begins && holder.readOnly && <span className="quiet">none</span>}
            {!begins && <FormFields fields={field.fields} oneOf={field.oneOf} holder={holder} before={`${path}.`} onSelect={onSelect} />}
            {isGiven && canBeAbsent && !holder.readOnly && (
                <Act onClick={() => void holder.set(path, undefined).then(() => setBegun(false))} aria-label={`Take away: ${field.label}`}>
                    take away
                </Act>
            )}
        </Fieldset>
    );
}

interface NewObjectProps {
    fields: FormField[];
    oneOf?: string[];
    holder: Pick<Holder, 'job'>;
    onSelect: (on: string) => void;
    onLeave: () => void;
    /** true when it was kept */
    onDone: (value: Record<string, unknown>) => Promise<boolean>;
}

/** Something that is filled in before it is put in. */
export function NewObject({ fields, oneOf, holder, onSelect, onLeave, onDone }: NewObjectProps) {
    const draft = useDraftPart(holder.job);
    return (
        <Paper withBorder p={8} pt={6}>
            <FormFields fields={fields} oneOf={oneOf} holder={draft} onSelect={onSelect} />
            <Group gap={6} mt={6}>
                <Button size="compact-sm" onClick={() => void onDone(draft.part).then((kept) => kept && onLeave())}>
                    Put it in
                </Button>
                <Button size="compact-sm" variant="outline" onClick={onLeave}>
                    Leave it
                </Button>
            </Group>
        </Paper>
    );
}
