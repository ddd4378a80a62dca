import { Box, Button, Group, Table } from '@mantine/core';
import { useState } from 'react';

import { HeadRow } from '../look/HeadRow';
import { PlaceSelect } from '../plan/PlaceSelect';
import type { PlacesProps } from './places';
import { stationChoices } from '../boat/stationName';
import { WayRow } from './WayRow';

/** The ways of the boat, and a new one. */
export function WaysList({ job, layout, edits, chosen, onChoose }: PlacesProps) {
    const [between, setBetween] = useState<[string, string]>(['', '']);
    const stations = job.plan.boat?.stations ?? [];
    const ways = job.plan.boat?.ways ?? [];
    const fixed = !job.can_change;
    const choices = stationChoices(job);
    return (
        <Box component="section" mb={14} aria-label="Ways">
            {ways.length > 0 && (
                <Table>
                    <HeadRow heads={['way', 'length', 'on the drawing', 'kind', 'bore', 'curved', 'old wire in it', 'pull cord stays']} unseen="to be done" />
                    <Table.Tbody>
                        {ways.map((way) => (
                            <WayRow key={way.id} way={way} job={job} layout={layout} edits={edits} chosen={chosen} onChoose={onChoose} />
                        ))}
                    </Table.Tbody>
                </Table>
            )}
            {ways.length === 0 && <p className="quiet">Ways join two stations: put in the places where something sits or a wire turns, then the ways between them.</p>}
            {!fixed && stations.length > 1 && (
                <Group component="form" align="end" gap={8} mt={8}
                    
                    onSubmit={(event) => {
                        event.preventDefault();
                        void edits.submit(() => ({ propose: { make: 'way', from: between[0] || (stations[0]?.id ?? ''), to: between[1] || (stations[1]?.id ?? ''), kind: 'open' } }));
                    }}
                >
                    <label>
                        New way from <PlaceSelect label="New way from" value={between[0] || (stations[0]?.id ?? '')} choices={choices} readOnly={false} onChosen={(from) => setBetween([from, between[1]])} />
                    </label>
                    <label>
                        to <PlaceSelect label="New way to" value={between[1] || (stations[1]?.id ?? '')} choices={choices} readOnly={false} onChosen={(to) => setBetween([between[0], to])} />
                    </label>
                    <Button type="submit" size="compact-sm" variant="outline">
                        Draw it
                    </Button>
                </Group>
            )}
        </Box>
    );
}
