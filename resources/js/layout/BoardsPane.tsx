import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';

import type { Layout, PlannedJob } from '../api/types';
import { BoardDrawing } from '../drawings/BoardDrawing';
import frame from '../frame/Stage.module.css';
import { Verdict } from '../look/Verdict';
import { PartField } from '../plan/PartField';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlanEdits } from '../plan/usePlanEdits';
import { TakeOut } from '../plan/TakeOut';
import { small, useUnits } from '../units/units';
import { BoardParts } from './BoardParts';
import { stationChoices } from '../boat/stationName';

/** Boards that are made up on the bench and mounted in one piece, with the template to drill them by. */
export function BoardsPane({ job, layout, edits }: { job: PlannedJob; layout: Layout; edits: PlanEdits }) {
    const { system } = useUnits();
    const [chosen, setChosen] = useState('');
    const [name, setName] = useState('');
    const boards = job.plan.boards ?? [];
    const board = boards.find((one) => one.id === chosen) ?? boards[0];
    const fixed = !job.can_change;
    const facts = layout.boards.find((one) => one.id === board?.id);
    const label = facts?.label ?? '';
    const on = `board:${board?.id ?? ''}`;
    const field = (path: string, words: string, value: number) => <PartField edits={edits} readOnly={fixed} on={on} field={path} label={words} value={small(value, system)} />;
    const add = (
        <Group component="form" align="end" gap={8} mt={8}
            
            onSubmit={(event) => {
                event.preventDefault();
                void edits.submit(() => ({ propose: { make: 'part', kind: 'board', name, part: { name, width_mm: 300, height_mm: 150, parts: [] } } })).then((kept) => kept && setName(''));
            }}
        >
            <TextInput size="xs" label="New board" value={name} onChange={(event) => setName(event.currentTarget.value)} required />
            <Button type="submit" size="compact-sm" variant="outline">
                Cut it 300 × 150 mm
            </Button>
        </Group>
    );
    if (board === undefined) {
        return (
            <>
                <p>No board yet.</p>
                {!fixed && add}
            </>
        );
    }
    return (
        <div className={frame.beside}>
            <div tabIndex={0} role="region" aria-label={`Drawing of ${label}`}>
                <BoardDrawing board={board} label={label} onMove={fixed ? null : (part, x, y) => void edits.submit(() => ({ patch: [{ on, set: { [`parts.${part}.x_mm`]: x, [`parts.${part}.y_mm`]: y } }] }))} />
                {(facts?.problems ?? []).map((problem) => (
                    <p key={problem}>
                        <Verdict good={false}>{problem}</Verdict>
                    </p>
                ))}
                {facts?.problems.length === 0 && <p>
                        <Verdict good>It can be built as it is laid out.</Verdict>
                    </p>}
                <p>
                    Template 1:1: <a href={`/api/jobs/${job.id}/boards/${board.id}?paper=a4`}>A4 (PDF)</a> · <a href={`/api/jobs/${job.id}/boards/${board.id}?paper=letter`}>Letter (PDF)</a>. Print at 100 % and check its ruler.
                </p>
            </div>
            <div tabIndex={0} role="region" aria-label={`Measures of ${label}`}>
                <Group gap={8} mt={8}>
                    <label>
                        Board <PlaceSelect label="Board" value={board.id} choices={layout.boards.map((one) => [one.id, one.label] as const)} readOnly={false} onChosen={setChosen} />
                    </label>
                    <label>
                        at <PlaceSelect label="Place of the board" value={board.station ?? ''} choices={stationChoices(job)} readOnly={fixed} onChosen={(station) => void edits.submit(() => ({ patch: [{ on, set: { station } }] }))} />
                    </label>
                    <span>
                        {field('width_mm', 'Width of the board', board.width_mm)} × {field('height_mm', 'Height of the board', board.height_mm)}
                    </span>
                    <span>
                        colour <PartField edits={edits} readOnly={fixed} on={on} field="colour" label="Colour of the board" value={board.colour ?? '–'} words />
                    </span>
                    {!fixed && <TakeOut edits={edits} on={on} label={label} />}
                </Group>
                <BoardParts board={board} on={on} readOnly={fixed} edits={edits} />
                {!fixed && add}
            </div>
        </div>
    );
}
