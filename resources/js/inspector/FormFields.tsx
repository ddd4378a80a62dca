import { Accordion } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';

import type { FormField } from '../api/forms';
import { FieldEntry } from './FieldEntry';
import type { Holder } from './holder';
import classes from './Inspector.module.css';
import { OneOfEntry } from './OneOfEntry';
import { slug } from './slug';

interface Props {
    fields: FormField[];
    /** of which only one can be given */
    oneOf?: string[];
    holder: Holder;
    /** keys before the fields, as "run." */
    before?: string;
    onSelect: (on: string) => void;
}

/** The fields of an object, in groups: those that are filled in most stand first and open, parts that it holds last. */
export function FormFields({ fields, oneOf = [], holder, before = '', onSelect }: Props) {
    // Who opens a group opens it for every part that has it: the next battery is looked at for the same.
    const [opened, setOpened] = useLocalStorage<string[]>({ key: 'dinghy-open-groups', defaultValue: [], getInitialValueInEffect: false });
    const usual = fields.filter((field) => field.group === undefined && field.entry !== 'parts' && !oneOf.includes(field.name));
    const parts = fields.filter((field) => field.group === undefined && field.entry === 'parts');
    const among = fields.filter((field) => oneOf.includes(field.name));
    const groups = [...new Set(fields.flatMap((field) => (field.group === undefined ? [] : [field.group])))];
    const entry = (field: FormField) => <FieldEntry key={field.name} field={field} path={`${before}${field.name}`} holder={holder} onSelect={onSelect} />;
    return (
        <>
            {among.length > 0 && <OneOfEntry fields={among} before={before} holder={holder} />}
            <div className={classes.fields}>{usual.map(entry)}</div>
            {groups.length > 0 && (
                <Accordion multiple value={groups.map(slug).filter((group) => opened.includes(group))} onChange={(next) => setOpened([...opened.filter((group) => !groups.map(slug).includes(group)), ...next])} variant="default" chevronPosition="left" transitionDuration={0} order={3} mt={8} styles={{ label: { paddingBlock: 7, fontSize: '0.9375rem' }, control: { paddingInline: 0 }, content: { padding: '0 0 8px' } }}>
                    {groups.map((group) => (
                        <Accordion.Item key={group} value={slug(group)}>
                            <Accordion.Control>{group}</Accordion.Control>
                            <Accordion.Panel>
                                <div className={classes.fields}>{fields.filter((field) => field.group === group).map(entry)}</div>
                            </Accordion.Panel>
                        </Accordion.Item>
                    ))}
                </Accordion>
            )}
            {parts.length > 0 && <div className={classes.fields}>{parts.map(entry)}</div>}
        </>
    );
}
