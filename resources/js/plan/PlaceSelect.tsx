import classes from './PlaceSelect.module.css';

interface Props {
    label: string;
    value: string;
    choices: readonly (readonly [value: string, label: string])[];
    readOnly: boolean;
    onChosen: (value: string) => void;
}

/** A choice that is changed where it stands. */
export function PlaceSelect({ label, value, choices, readOnly, onChosen }: Props) {
    if (readOnly) {
        return <span>{choices.find(([one]) => one === value)?.[1] ?? '–'}</span>;
    }
    return (
        <select className={classes.select} aria-label={label} value={value} onChange={(event) => onChosen(event.currentTarget.value)}>
            {!choices.some(([one]) => one === value) && <option value={value}>–</option>}
            {choices.map(([one, words]) => (
                <option key={one} value={one}>
                    {words}
                </option>
            ))}
        </select>
    );
}
