import { formOf } from '../api/forms';

/** What people call the functions of transducers, as the format has it. */
const FUNCTIONS = new Map(
    formOf('transducer').flatMap((field) => (field.name === 'functions' && field.entry === 'list' && field.item.entry === 'choice' ? field.item.choices : [])).map(([value, label]) => [String(value), label]),
);

export function functionWords(functions: readonly string[]): string {
    return functions.length === 0 ? 'nothing' : functions.map((one) => FUNCTIONS.get(one) ?? one).join(', ');
}
