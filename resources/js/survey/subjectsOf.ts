import type { Survey } from '../api/types';

/** What a photograph can be of: what must be photographed, and anything else. */
export function subjectsOf(survey: Survey): (readonly [of: string, label: string])[] {
    return [...survey.needed.map((one) => [one.of, one.label] as const), ['other', 'something else'] as const];
}
