import made from '../../../docs/schema/choices-1.json';

const fields = made.choices as unknown as Record<string, [value: string | number | boolean, label: string][]>;

/**
 * What can be chosen in a field of a plan and what people call it, as the format says: "way.kind", "plan.boat.fuel". What is
 * true or false is offered as yes and no.
 */
export function choicesOf(field: string): readonly (readonly [value: string, label: string])[] {
    const choices = fields[field];
    if (choices === undefined) {
        throw new Error(`The format has no choices for ${field}.`);
    }
    return choices.map(([value, label]) => [typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value), label] as const);
}

/** The kinds of parts that a catalogue can hold, as the areas name them, and what stands over all of a kind. */
export const CATALOGUE_KINDS = made.catalogue as unknown as readonly (readonly [kind: string, title: string])[];
