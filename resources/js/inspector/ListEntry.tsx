import { Button, Fieldset, TextInput } from '@mantine/core';
import { useState } from 'react';

import { Act } from '../look/Act';
import type { Entry, FormField } from '../api/forms';
import { useDraft } from '../plan/useDraft';
import { quantity } from '../units/quantity';
import { useUnits } from '../units/units';
import { offered } from './ChoiceEntry';
import { type Choices, ChoiceSelect } from './ChoiceSelect';
import { type EntryProps, FieldEntry } from './FieldEntry';
import { FormFields } from './FormFields';
import classes from './Inspector.module.css';
import { NewObject } from './ObjectEntry';

type ListField = Extract<FormField, { entry: 'list' }>;

/** Several of one kind: each with its fields, one more, and each to be taken out. */
export function ListEntry({ field, path, holder, onSelect }: EntryProps<ListField> & { onSelect: (on: string) => void }) {
    const [isBegun, setBegun] = useState(false);
    const value = holder.at(path);
    const given: unknown[] = Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];
    // A list that is begun waits here until it has as many as it must: a route of one station is none.
    const [begun, setBegunItems] = useState<unknown[]>([]);
    const items = given.length === 0 ? begun : given;
    const { item } = field;
    const one = (at: number) => `${field.label.replace(/s$/, '')} ${at + 1}`;
    const without = (at: number) => {
        const left = items.filter((_, which) => which !== at);
        if (given.length === 0) {
            setBegunItems(left);
        } else {
            void holder.set(path, left.length < Math.max(field.least, 1) && field.required !== true ? undefined : left);
        }
    };
    const add = (next: unknown) => {
        const longer = [...items, next];
        if (longer.length < field.least) {
            setBegunItems(longer);
            return Promise.resolve(true);
        }
        return holder.set(path, longer).then((kept) => {
            if (kept) {
                setBegunItems([]);
            }
            return kept;
        });
    };
    const change = (at: number, next: unknown) => {
        const changed = items.map((old, which) => (which === at ? next : old));
        if (given.length > 0) {
            return holder.set(path, changed);
        }
        setBegunItems(changed);
        return Promise.resolve(true);
    };
    const canTake = !holder.readOnly && (items.length > field.least || field.required !== true);
    return (
        <Fieldset legend={field.label} data-field={path}>
            {items.length === 0 && <span className="quiet">none</span>}
            <ol className={`bare ${classes.items}`}>
                {items.map((here, at) => (
                    <li key={at}>
                        {item.entry === 'object' ? (
                            <FormFields fields={item.fields} oneOf={item.oneOf} holder={holder} before={`${path}.${at}.`} onSelect={onSelect} />
                        ) : item.entry === 'list' ? (
                            <FieldEntry field={{ ...item, name: String(at), label: one(at), required: true }} path={`${path}.${at}`} holder={holder} onSelect={onSelect} />
                        ) : (
                            <Leaf item={item} label={one(at)} field={`${path}.${at}`} value={here} readOnly={holder.readOnly} choices={offered(item, holder.job)} onChosen={(next) => change(at, next)} />
                        )}
                        {canTake && (
                            <Act onClick={() => without(at)} aria-label={`Take out: ${one(at)}`}>
                                take out
                            </Act>
                        )}
                    </li>
                ))}
            </ol>
            {!holder.readOnly && items.length < field.most && (
                <>
                    {item.entry === 'object' && !isBegun && (
                        <Button size="compact-sm" variant="outline" onClick={() => setBegun(true)} aria-label={`One more: ${field.label}`}>
                            One more
                        </Button>
                    )}
                    {item.entry === 'object' && isBegun && (
                        <NewObject fields={item.fields} oneOf={item.oneOf} holder={holder} onSelect={onSelect} onLeave={() => setBegun(false)} onDone={add} />
                    )}
                    {item.entry === 'list' && <Leaf item={item.item} label={`${field.label}: one more of`} field={`${path}.+`} value="" choices={offered(item.item, holder.job)} readOnly={false} onChosen={(first) => add([first])} />}
                    {item.entry !== 'object' && item.entry !== 'list' && <Leaf item={item} label={`${field.label}: one more`} field={`${path}.+`} value="" choices={offered(item, holder.job)} readOnly={false} onChosen={add} />}
                </>
            )}
        </Fieldset>
    );
}

interface LeafProps {
    item: Entry;
    label: string;
    field: string;
    /** "": one more, that is not there yet */
    value: unknown;
    choices: Choices;
    readOnly: boolean;
    onChosen: (next: unknown) => Promise<boolean>;
}

/** An item that is one choice or one quantity. */
function Leaf({ item, label, field, value, choices, readOnly, onChosen }: LeafProps) {
    if (item.entry === 'quantity' || item.entry === 'words') {
        return <LeafText item={item} label={label} field={field} value={value} readOnly={readOnly} onChosen={onChosen} />;
    }
    return <ChoiceSelect label={null} unseen={label} field={field} choices={choices} value={value === '' ? null : (value as string)} none={value === '' ? 'one more…' : null} readOnly={readOnly} onChosen={(chosen) => chosen !== undefined && void onChosen(chosen)} />;
}

/** An item that is typed; emptied, it stays as it was, since taking it out is another act. */
function LeafText({ item, label, field, value, readOnly, onChosen }: Omit<LeafProps, 'choices'>) {
    const { system } = useUnits();
    const shown = typeof value === 'number' && item.entry === 'quantity' ? quantity(value, item.unit, system) : String(value);
    const { text, handlers } = useDraft(shown, (typed) => (typed.trim() === '' ? Promise.resolve(true) : onChosen(typed.trim())));
    return <TextInput aria-label={label} data-field={field} size="xs" readOnly={readOnly} placeholder={value === '' ? 'one more' : undefined} value={text} {...handlers} />;
}
