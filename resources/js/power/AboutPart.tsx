import { SimpleGrid, Text } from '@mantine/core';

import { FindingsOn, type FindingsOnProps } from '../plan/FindingsOn';
import { WhyFigure } from '../why/WhyFigure';
import { figuresOf } from './figuresOf';
import { useUnits } from '../units/units';

/** What was computed of the part in hand, each figure with its reason, and what the rules say of it. */
export function AboutPart({ job, edits, on, onWhy, onLook }: FindingsOnProps) {
    const { system } = useUnits();
    const figures = figuresOf(job, on, system).filter((one) => one.value !== null);
    return (
        <>
            {figures.length > 0 && (
                <SimpleGrid component="dl" cols={3} spacing={10} verticalSpacing={6} m="0 0 10px">
                    {figures.map(({ figure, label, value }) => (
                        <div key={figure}>
                            <Text component="dt" size="xs" lh={1.15} c="var(--ink-soft)">
                                {label}
                            </Text>
                            <Text component="dd" m={0} fw={600} fz={14} className="figure">
                                <WhyFigure figure={figure} mark={`hand:${figure}`} onWhy={onWhy}>
                                    {value}
                                </WhyFigure>
                            </Text>
                        </div>
                    ))}
                </SimpleGrid>
            )}
            <FindingsOn job={job} edits={edits} on={on} onWhy={onWhy} onLook={onLook} />
        </>
    );
}
