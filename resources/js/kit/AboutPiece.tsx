import { Button, Text, Title } from '@mantine/core';

import type { KitPiece, PlannedJob } from '../api/types';
import { Act } from '../look/Act';
import { Verdict } from '../look/Verdict';
import type { PlanEdits } from '../plan/usePlanEdits';
import { length, useUnits } from '../units/units';
import { WhyFigure } from '../why/WhyFigure';

interface Props {
    job: PlannedJob;
    edits: PlanEdits;
    piece: KitPiece;
    onWhy: (figure: string) => void;
    onPower: () => void;
}

/** The piece in hand: its labels as they are printed, and how each end is made. */
export function AboutPiece({ job, edits, piece, onWhy, onPower }: Props) {
    const { system } = useUnits();
    return (
        <section aria-label="The piece in hand" data-about={piece.id}>
            <Title order={3} size={15}>
                {piece.wire},{' '}
                <WhyFigure figure={`piece:${piece.id}:cut_m`} onWhy={onWhy}>
                    {piece.cut_m === null ? 'to measure' : length(piece.cut_m, system)}
                </WhyFigure>
            </Title>
            {piece.after_pull && piece.cut_m !== null && <p>Cut only after the pull; mark both ends before it.</p>}
            {([true, false] as const).map((first) => (
                <div key={String(first)}>
                    <Text component="p" mt={6} mb={2} ff="var(--figure)" fz={13} p={4} bd="1px solid var(--ink)" bg="var(--sheet)" aria-label={`Label at the ${first ? 'first' : 'second'} end`}>
                        {piece.labels[first ? 0 : 1]}
                    </Text>
                    {piece.ends
                        .filter((end) => end.first === first && end.item !== null)
                        .map((end) => (
                            <div key={end.side}>
                                <strong>{end.item}</strong>
                                {end.hole === null && end.kind === 'ring' && <Verdict good={null}> measure its stud</Verdict>}
                                <ol style={{ margin: '2px 0', paddingInlineStart: 20 }}>
                                    {end.steps.map((step) => (
                                        <li key={step.says}>
                                            {step.figure === null ? (
                                                step.says
                                            ) : (
                                                <WhyFigure figure={`piece:${piece.id}:end:${piece.ends.indexOf(end)}:${step.figure}`} onWhy={onWhy}>
                                                    {step.says}
                                                </WhyFigure>
                                            )}
                                        </li>
                                    ))}
                                </ol>
                                {end.lead_die !== null && <span className="quiet"> The lead: {end.lead_die}.</span>}
                                {!end.joinable && <Verdict good={false}> No one joint takes both gauges: step down twice, or end it at a block.</Verdict>}
                                {!end.suits && (
                                    <p>
                                        <Verdict good={false}>
                                            A hole of {end.hole} on a stud of {end.stud}.
                                        </Verdict>{' '}
                                        {job.can_change && end.given !== null && end.stud !== null && (
                                            <Button size="compact-sm" variant="outline" onClick={() => void edits.submit(() => (end.given === null ? null : { patch: [{ on: end.given.on, set: { [end.given.path]: end.stud } }] }))}>
                                                Use a ring for {end.stud}
                                            </Button>
                                        )}
                                    </p>
                                )}
                            </div>
                        ))}
                </div>
            ))}
            <p>
                <Act onClick={onPower}>Show it at Power</Act>
            </p>
        </section>
    );
}
