import { choiceWords } from '../api/forms';

/** What a transducer does, in words. */
export function functionWords(functions: readonly string[]): string {
    return functions.length === 0 ? 'nothing' : functions.map((one) => choiceWords('transducer.functions', one)).join(', ');
}
