import { Button, Checkbox, Group, List, NumberInput, Stack, Table } from '@mantine/core';
import { type SubmitEvent, useState } from 'react';

import type { DayVariants, PlannedJob } from '../api/types';
import { LETTERS } from '../drawings/dayStripLayout';
import { HeadRow } from '../look/HeadRow';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { useWritten } from '../units/conventions';
import { hours as lasting, mass, useUnits } from '../units/units';


interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    /** h that were asked for; null: nobody has asked */
    asked: number | null;
    /** h that the plan has */
    planned: number;
    onAsk: (hours: number) => void;
    answer: DayVariants | undefined;
    problem: string | null;
    /** names of those that lie over the day */
    over: readonly string[];
    onOver: (over: string[]) => void;
}

/** So many hours: what would have to be changed for them, each change with its price, and laid over the day on request. */
export function VariantsPane({ job, edits, asked, planned, onAsk, answer, problem, over, onOver }: Props) {
    const [typed, setTyped] = useState<number | string>(asked ?? Math.max(8, planned));
    const { money } = useWritten();
    const { system } = useUnits();
    const ask = (event: SubmitEvent) => {
        event.preventDefault();
        const number = Number(typed);
        if (Number.isFinite(number) && number > 0) {
            onAsk(number);
        }
    };
    const take = (variant: DayVariants['variants'][number]) => void edits.submit(() => ({ patch: variant.patch ?? [], reason: `For a day of ${lasting(answer?.hours ?? 0)}: ${variant.says}` })).then((kept) => kept && onOver([]));
    const lay = (name: string, on: boolean) => onOver(on ? [...over, name] : over.filter((one) => one !== name));
    return (
        <Stack gap={10}>
            <form onSubmit={ask}>
                <Group align="flex-end" gap={12}>
                    <NumberInput label="Hours from leaving to being home" aria-label="Hours from leaving to being home" size="sm" w={220} value={typed} onChange={setTyped} min={0.25} max={240} step={0.5} suffix=" h" />
                    <Button type="submit" size="sm">
                        What would it take?
                    </Button>
                </Group>
            </form>
            {asked !== null && answer === undefined && <p role="status">{problem ?? `Trying boats for ${lasting(asked)}…`}</p>}
            {answer !== undefined && (
                <>
                    <strong style={{ fontSize: '1.125rem' }} data-figure="variants" role="status">
                        <Verdict good={answer.holds ? true : null}>{answer.says}</Verdict>
                    </strong>
                    {answer.variants.length > 0 && (
                        <Table>
                            <HeadRow heads={['Change', 'Lay over', 'Batteries', 'In their places', 'To buy', 'Stops, to decide', ...(job.can_change ? ['Choice'] : [])]} />
                            <Table.Tbody>
                                {[...answer.variants].sort((one, other) => Number(one.figures === null) - Number(other.figures === null)).map((variant) => (
                                    <Table.Tr key={variant.name} data-variant={variant.name}>
                                        <Table.Th scope="row" miw={260}>
                                            {variant.says}
                                            {variant.needs.length > 0 && (
                                                <List size="sm" fw={400}>
                                                    {variant.needs.map((need) => (
                                                        <List.Item key={need}>{need}</List.Item>
                                                    ))}
                                                </List>
                                            )}
                                        </Table.Th>
                                        {variant.figures === null ? (
                                            <Table.Td colSpan={job.can_change ? 6 : 5}>
                                                <span className="quiet">{variant.missing}</span>
                                            </Table.Td>
                                        ) : (
                                            <>
                                                <Table.Td>
                                                    <Checkbox label={LETTERS[over.indexOf(variant.name)] ?? ''} aria-label={`Lay over the day: ${variant.says}`} checked={over.includes(variant.name)} disabled={!over.includes(variant.name) && over.length >= LETTERS.length} onChange={(event) => lay(variant.name, event.currentTarget.checked)} />
                                                </Table.Td>
                                                <Table.Td className="figure">{heavier(variant.figures.mass_kg, (kilograms) => mass(kilograms, system))}</Table.Td>
                                                <Table.Td>{variant.figures.fits === null ? 'not all known' : <Verdict good={variant.figures.fits}>{variant.figures.fits ? 'fit' : 'do not fit'}</Verdict>}</Table.Td>
                                                <Table.Td className="figure">
                                                    {variant.figures.cost === 0 ? 'nothing' : money(variant.figures.cost)}
                                                    {variant.figures.unpriced.length > 0 && ' and more'}
                                                </Table.Td>
                                                <Table.Td className="figure">
                                                    {variant.figures.stops}, {variant.figures.decisions}
                                                </Table.Td>
                                                {job.can_change && (
                                                    <Table.Td>
                                                        <Button size="compact-sm" variant="outline" aria-label={`Take it: ${variant.says}`} onClick={() => take(variant)}>
                                                            Take it
                                                        </Button>
                                                    </Table.Td>
                                                )}
                                            </>
                                        )}
                                    </Table.Tr>
                                ))}
                            </Table.Tbody>
                        </Table>
                    )}
                    <p className="quiet">The longest part of the day lasts longer, or less; the floors are those of the house rules. Each change was run through the whole day, minute by minute; new batteries begin full.</p>
                </>
            )}
        </Stack>
    );
}

function heavier(kilograms: number | null, written: (kilograms: number) => string): string {
    return kilograms === null ? 'not known' : Math.abs(kilograms) < 0.05 ? 'as heavy' : `${written(Math.abs(kilograms))} ${kilograms > 0 ? 'heavier' : 'lighter'}`;
}
