// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';

import { type FormField, formOf, KINDS } from '../../resources/js/api/forms';
import type { PlannedJob } from '../../resources/js/api/types';
import { partAt, partName, partsOf } from '../../resources/js/boat/parts';
import { isBox } from '../../resources/js/inspector/FieldEntry';
import { slug } from '../../resources/js/inspector/slug';
import { formFields, Inspector } from '../../resources/js/inspector/Inspector';
import type { Edit } from '../../resources/js/plan/changes';
import type { PlanEdits } from '../../resources/js/plan/usePlanEdits';
import { skiffJob } from './job';
import { rendered } from './rendered';

/** A value that a field can have, with everything in it given. */
function anything(field: FormField | { entry: 'object'; fields: FormField[] }): unknown {
    switch (field.entry) {
        case 'object':
            return Object.fromEntries(field.fields.map((inner) => [inner.name, anything(inner)]));
        case 'list':
            return isBox(field) ? [1, 2, 3] : [anything({ ...field.item, name: '0', label: '' })];
        case 'map':
            return { motor: 0.5 };
        case 'choice':
        case 'flag':
            return field.choices[0]?.[0];
        case 'quantity':
            return 1;
        case 'gauge':
            return '6 AWG';
        case 'parts':
            return [];
        default:
            return 'x';
    }
}

/** The paths of all that can be filled in of a form. */
function leaves(fields: FormField[], before = ''): string[] {
    return fields.flatMap((field) => {
        const path = `${before}${field.name}`;
        return field.entry === 'object'
            ? leaves(field.fields, `${path}.`)
            : field.entry === 'list' && !isBox(field)
              ? field.item.entry === 'object'
                  ? leaves(field.item.fields, `${path}.0.`)
                  : [`${path}.0`]
              : [path];
    });
}

/** The skiff, with a part of the kind that has everything a part of its kind can have. */
function whole(kind: string): { job: PlannedJob; on: string } {
    const job = skiffJob();
    const part = { ...(anything({ entry: 'object', fields: formOf(kind) }) as Record<string, unknown>), id: 'whole' };
    if (kind === 'plan') {
        return { job: { ...job, plan: part as unknown as PlannedJob['plan'] }, on: 'plan' };
    }
    const { owner, path } = KINDS[kind] ?? { owner: null, path: [] };
    let holder = (owner === null ? job.plan : partsOf(job.plan, owner)[0]) as Record<string, unknown>;
    for (const key of path.slice(0, -1)) {
        holder = (holder[key] ??= {}) as Record<string, unknown>;
    }
    holder[path.at(-1) ?? ''] = [part];
    return { job, on: `${kind}:whole` };
}

async function inspected(job: PlannedJob, on: string) {
    const changes: unknown[] = [];
    const edits = { submit: vi.fn((edit: Edit) => Promise.resolve(changes.push(edit(job)) > 0)) } as unknown as PlanEdits;
    const onSelect = vi.fn();
    const page = rendered(<Inspector job={job} edits={edits} on={on} onSelect={onSelect} onClose={() => undefined} />);
    await formFields().then(() => waitFor(() => expect(controls().length > 0 || screen.queryByText('It is not in the plan any more.') !== null).toBe(true))); // its controls are a script of their own
    return { ...page, changes, onSelect };
}

const fieldAt = (path: string) => document.querySelector(`[data-field~="${path}"]`) as HTMLInputElement | HTMLSelectElement;
const controls = () => [...document.querySelectorAll('[data-field]')].flatMap((one) => (one.getAttribute('data-field') ?? '').split(' '));

/** Every group that fields stand in. */
function groupsOf(fields: FormField[]): string[] {
    return fields.flatMap((field) => [...(field.group === undefined ? [] : [field.group]), ...groupsOf(field.entry === 'object' ? field.fields : field.entry === 'list' && field.item.entry === 'object' ? field.item.fields : [])]);
}

describe('the inspector', () => {
    beforeEach(() => {
        localStorage.setItem('dinghy-open-groups', JSON.stringify(['plan', ...Object.keys(KINDS)].flatMap((kind) => groupsOf(formOf(kind)).map(slug))));
    });

    it.each(['plan', ...Object.keys(KINDS)])('has a control for every field of a %s', async (kind) => {
        const { job, on } = whole(kind);
        await inspected(job, on);
        const there = new Set(controls());
        expect(leaves(formOf(kind)).filter((path) => !there.has(path))).toEqual([]);
    });

    it.each(['plan', ...Object.keys(KINDS)])('offers what a bare %s has not', async (kind) => {
        const { job, on } = whole(kind);
        const part = partAt(job.plan, on) as Record<string, unknown>;
        Object.keys(part).filter((key) => key !== 'id').forEach((key) => Reflect.deleteProperty(part, key));
        await inspected(job, on);
        const there = new Set(controls());
        for (const field of formOf(kind)) {
            if (field.entry === 'object' && field.always !== true && field.required !== true) {
                expect(screen.getAllByRole('button', { name: `Put in: ${field.label}`, hidden: true }).length).toBeGreaterThan(0);
            } else if (field.entry === 'list' && field.item.entry === 'object') {
                expect(screen.getAllByRole('button', { name: `One more: ${field.label}`, hidden: true }).length).toBeGreaterThan(0);
            } else {
                expect(there.has(field.name), field.name).toBe(true);
            }
        }
    });

    it('sends what is typed for the server to read, with what stood there', async () => {
        const { hand, changes } = await inspected(skiffJob(), 'battery:b1');
        const field = fieldAt('capacity_ah');
        await hand.clear(field);
        await hand.type(field, '105 Ah{Enter}');
        expect(changes).toEqual([{ typed: { on: 'battery:b1', field: 'capacity_ah', text: '105 Ah', shown: '100 Ah' } }]);
    });

    it('takes away what is emptied or chosen not to be given', async () => {
        const { hand, changes } = await inspected(skiffJob(), 'feed:bow-motor');
        await hand.selectOptions(fieldAt('run.gauge'), '4 AWG');
        await hand.selectOptions(fieldAt('run.gauge'), '');
        await hand.selectOptions(fieldAt('switch'), 'true');
        expect(changes).toEqual([
            { typed: { on: 'feed:bow-motor', field: 'run.gauge', value: '4 AWG' } },
            { patch: [{ on: 'feed:bow-motor', unset: ['run.gauge'] }] },
            { typed: { on: 'feed:bow-motor', field: 'switch', value: true } },
        ]);
    });

    it('puts in together what only stands together', async () => {
        const { hand, changes } = await inspected(skiffJob(), 'bank:thrust');
        await hand.click(screen.getByRole('button', { name: 'Put in: Shunt' }));
        const shunt = within(fieldAt('shunt'));
        await hand.type(shunt.getByLabelText('Made for'), '300 A');
        await hand.click(shunt.getByRole('button', { name: 'Put it in' }));
        expect(changes).toEqual([{ typed: { on: 'bank:thrust', field: 'shunt', value: { rating_a: '300 A' } } }]);
    });

    it('adds one more to a list beside those that are there, and takes one out', async () => {
        const job = skiffJob();
        const charger = partsOf(job.plan, 'charger')[0] as { id: string; outputs: unknown[] };
        const { hand, changes } = await inspected(job, `charger:${charger.id}`);
        const outputs = within(fieldAt('outputs'));
        await hand.click(outputs.getByRole('button', { name: 'One more: Outputs' }));
        const amps = outputs.getAllByLabelText(/^Gives up to/).at(-1) as HTMLElement;
        await hand.selectOptions(outputs.getAllByLabelText(/^Charges battery or feeds block/).at(-1) as HTMLElement, 'battery:b1');
        await hand.type(amps, '8 A');
        await hand.click(outputs.getByRole('button', { name: 'Put it in' }));
        await hand.click(outputs.getByRole('button', { name: 'Take out: Output 1' }));
        expect(changes).toEqual([
            { typed: { on: `charger:${charger.id}`, field: 'outputs', value: [...charger.outputs, { battery: 'b1', amps: '8 A' }] } },
            { typed: { on: `charger:${charger.id}`, field: 'outputs', value: charger.outputs.slice(1) } },
        ].map((change) => (change.typed.value.length === 0 ? { patch: [{ on: change.typed.on, unset: ['outputs'] }] } : change)));
    });

    it('lets a route take the place of a length, and a target of another kind the place of the first', async () => {
        const { hand, changes } = await inspected(skiffJob(), 'feed:bow-motor');
        await hand.selectOptions(fieldAt('to.device'), 'device:hub');
        await hand.selectOptions(fieldAt('to.device'), 'block:bow-block');
        // One station is no route yet: it waits for the second.
        for (const station of ['stern', 'bow']) {
            await hand.selectOptions(document.querySelector('[data-field="run.minus_route.+"]') as HTMLElement, station);
        }
        expect(changes).toEqual([
            { patch: [{ on: 'feed:bow-motor', set: { 'to.device': 'hub' } }] },
            { patch: [{ on: 'feed:bow-motor', set: { 'to.block': 'bow-block' }, unset: ['to.device'] }] },
            { typed: { on: 'feed:bow-motor', field: 'run.minus_route', value: ['stern', 'bow'] } },
        ]);
    });

    it('sends a quantity of a list once, however fast the field is left', async () => {
        const { hand, changes } = await inspected(skiffJob(), 'way:w-stern-tiller');
        const more = document.querySelector('[data-field="occupied_mm.+"]') as HTMLElement;
        await hand.type(more, '12 mm{Enter}{Tab}');
        expect(changes).toEqual([{ typed: { on: 'way:w-stern-tiller', field: 'occupied_mm', value: ['12 mm'] } }]);
    });

    it.each(['device:gone', 'nonsense:x', 'nonsense'])('says that %s is not in the plan', async (on) => {
        await inspected(skiffJob(), on);
        expect(screen.getByText('It is not in the plan any more.')).toBeTruthy();
    });

    it('is read only for who may not change the plan', async () => {
        await inspected(skiffJob({ can_change: false }), 'battery:b1');
        expect(screen.queryAllByRole('button', { name: /^(Put in|Take out|One more)/, hidden: true })).toEqual([]);
        expect((fieldAt('capacity_ah') as HTMLInputElement).readOnly).toBe(true);
        expect(fieldAt('chemistry').disabled).toBe(true);
    });

    it('calls parts by name, and takes those that it holds in hand', async () => {
        const job = skiffJob();
        const { hand, onSelect } = await inspected(job, 'block:bow-block');
        expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('Bow block');
        const branch = partsOf(job.plan, 'branch')[0]?.id ?? '';
        await hand.click(screen.getByRole('button', { name: partName(job, `branch:${branch}`) }));
        expect(onSelect).toHaveBeenCalledWith(`branch:${branch}`);
    });
});
