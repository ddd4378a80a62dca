import made from '../../../docs/schema/forms-1.json';

/** How a value is entered: what stands for one in a form. */
export type Entry =
    | { entry: 'choice' | 'flag'; choices: [value: string | number | boolean, label: string][] }
    | { entry: 'gauge' | 'post' | 'terminal' }
    | { entry: 'quantity'; unit: string }
    | { entry: 'words'; long?: boolean }
    | { entry: 'part'; of: string }
    | { entry: 'parts'; of: string }
    | { entry: 'object'; fields: FormField[]; oneOf?: string[]; always?: boolean }
    | { entry: 'list'; least: number; most: number; item: Entry }
    | { entry: 'map'; of: string; item: Entry };

/** A field of a part that a person can fill in. */
export type FormField = Entry & { name: string; label: string; group?: string; required?: boolean; default?: string | number | boolean };

interface Kind {
    owner: string | null;
    path: string[];
    addedAsIs: boolean;
    /** what people call one */
    word: string;
    /** whether one can be taken out by itself, and not only with what holds it */
    alone: boolean;
}

const forms = made.forms as unknown as Record<string, FormField[]>;

/** Where parts of each kind stand in a plan. */
export const KINDS = made.kinds as Record<string, Kind | undefined>;

/** Every gauge that is made, with what it is called in both worlds. */
export const GAUGES = made.gauges as unknown as readonly (readonly [name: string, both: string])[];

/** The kinds of parts that a catalogue can hold, as the areas name them, what stands over all of a kind, and what is kept of one. */
export const CATALOGUE_KINDS = made.catalogue as unknown as readonly (readonly [kind: string, title: string, fields: FormField[]])[];

/** What can be filled in of a kind of part, or of the "plan" itself. */
export function formOf(kind: string): FormField[] {
    const form = forms[kind];
    if (form === undefined) {
        throw new Error(`The format has no form for ${kind}.`);
    }
    return form;
}

/** The fields inside a field, lists passed through. */
function within(field: FormField | undefined): FormField[] {
    return field?.entry === 'object' ? field.fields : field?.entry === 'list' && field.item.entry === 'object' ? field.item.fields : [];
}

/** A field of a form, as the format names it: "way.kind", "plan.boat.fuel"; lists are passed through. */
export function fieldOf(named: string): FormField {
    const [kind = '', ...path] = named.split('.');
    let fields = formOf(kind);
    let found: FormField | undefined;
    for (const name of path) {
        found = fields.find((field) => field.name === name);
        fields = within(found);
    }
    if (found === undefined) {
        throw new Error(`The format has no field ${named}.`);
    }
    return found;
}

/** What people call a field of a part, as a patch names it: "Fuse or breaker: rating" for "protection.0.rating_a". */
export function labelOf(on: string, path: string): string {
    let fields: FormField[] = formOf(on.split(':')[0] ?? 'plan');
    const labels: string[] = [];
    for (const key of path.split('.')) {
        const found: FormField | undefined = fields.find((field) => field.name === key);
        if (found !== undefined) {
            // "Run: gauge" says no more than "gauge".
            if (key !== 'run') {
                labels.push(labels.length === 0 ? found.label : found.label.charAt(0).toLowerCase() + found.label.slice(1));
            }
            fields = within(found);
        }
    }
    return labels.length === 0 ? path : labels.join(': ');
}

/** What can be chosen in a field and what people call it. What is true or false is offered as yes and no. */
export function choicesOf(named: string): readonly (readonly [value: string, label: string])[] {
    const found = fieldOf(named);
    const field = found.entry === 'list' ? found.item : found;
    if (field.entry !== 'choice' && field.entry !== 'flag') {
        throw new Error(`The format has no choices for ${named}.`);
    }
    return field.choices.map(([value, label]) => [typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value), label] as const);
}

/** What people call a value of such a field. */
export function choiceWords(named: string, value: string): string {
    return choicesOf(named).find(([one]) => one === value)?.[1] ?? value;
}
