import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useRef, useState } from 'react';

import type { Entry, FormField } from '../api/forms';
import { quantity } from '../units/quantity';
import { useUnits } from '../units/units';
import { offered } from './ChoiceEntry';
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
        <fieldset className={classes.object} data-field={path}>
            <legend>{field.label}</legend>
            {items.length === 0 && <span className="quiet">none</span>}
            <ol className={classes.items}>
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
                            <button type="button" className="act" onClick={() => without(at)} aria-label={`Take out: ${one(at)}`}>
                                take out
                            </button>
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
        </fieldset>
    );
}

interface LeafProps {
    item: Entry;
    label: string;
    field: string;
    value: unknown;
    choices: (readonly [value: string | number | boolean, label: string])[];
    readOnly: boolean;
    onChosen: (next: unknown) => Promise<boolean>;
}

/** An item that is one choice or one quantity. */
function Leaf({ item, label, field, value, choices, readOnly, onChosen }: LeafProps) {
    const { system } = useUnits();
    const [typed, setTyped] = useState<string | null>(null);
    const isSending = useRef(false);
    if (item.entry === 'quantity' || item.entry === 'words') {
        const shown = typeof value === 'number' && item.entry === 'quantity' ? quantity(value, item.unit, system) : String(value);
        const keep = () => {
            // Enter sends it; leaving the field meanwhile must not send it twice.
            if (typed !== null && typed.trim() !== '' && typed.trim() !== shown && !isSending.current) {
                isSending.current = true;
                void onChosen(typed.trim()).then((kept) => {
                    isSending.current = false;
                    if (kept) {
                        setTyped(null);
                    }
                });
            }
        };
        return (
            <TextInput
                aria-label={label}
                data-field={field}
                size="xs"
                readOnly={readOnly}
                placeholder={value === '' ? 'one more' : undefined}
                value={typed ?? shown}
                onChange={(event) => setTyped(event.currentTarget.value)}
                onBlur={keep}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        event.preventDefault();
                        keep();
                    } else if (event.key === 'Escape') {
                        setTyped(null);
                    }
                }}
            />
        );
    }
    return (
        <NativeSelect
            aria-label={label}
            data-field={field}
            size="xs"
            disabled={readOnly}
            value={String(value)}
            onChange={(event) => {
                const chosen = choices.find(([one]) => String(one) === event.currentTarget.value);
                if (chosen !== undefined) {
                    void onChosen(chosen[0]);
                }
            }}
        >
            {value === '' && <option value="">one more…</option>}
            {value !== '' && !choices.some(([one]) => one === value) && <option value={String(value)}>{String(value)}</option>}
            {choices.map(([one, words]) => (
                <option key={String(one)} value={String(one)}>
                    {words}
                </option>
            ))}
        </NativeSelect>
    );
}
