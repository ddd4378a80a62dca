import { formOf } from '../api/forms';

/** What people call what a wire or a pin carries, as the format has it. */
const SIGNALS = new Map(
    formOf('terminal-block')
        .flatMap((field) => (field.name === 'pins' && field.entry === 'list' && field.item.entry === 'object' ? field.item.fields : []))
        .flatMap((field) => (field.name === 'carries' && field.entry === 'choice' ? field.choices : []))
        .map(([value, label]) => [String(value), label]),
);

export function signalWords(signal: string): string {
    return SIGNALS.get(signal) ?? signal;
}
