interface WithChoices {
    choices: readonly (readonly unknown[])[];
}

/** Whether a choice shows the same as before, though its list was made anew. */
export function sameChoices<Props extends WithChoices>({ choices: before, ...rest }: Props, { choices: now, ...others }: Props): boolean {
    const keys = Object.keys(others) as (keyof typeof others)[];
    return keys.every((key) => rest[key] === others[key]) && before.length === now.length && before.every((choice, at) => choice.length === now[at]?.length && choice.every((part, which) => part === now[at]?.[which]));
}
