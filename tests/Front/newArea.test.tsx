// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router-dom';
import { describe, expect, it } from 'vitest';

import { AREAS } from '../../resources/js/areas';
import type { PlannedJob } from '../../resources/js/api/types';
import { type Area, AreasContext } from '../../resources/js/frame/areas';
import { Keys } from '../../resources/js/frame/Keys';
import { OrderOfWork } from '../../resources/js/frame/OrderOfWork';
import { skiffJob } from './job';
import { rendered } from './rendered';

/** An area that the page has never heard of: its own file, and one line in the list. */
const anchoring: Area = {
    stage: 'anchoring',
    load: () => Promise.resolve({ default: () => null }),
    keys: [['h', 'heave to']],
    Waiting: ({ job }: { job: PlannedJob }) => <>{job.id} fathoms out</>,
};

const AREAS_WITH = [...AREAS.filter((area) => area.stage !== 'survey'), anchoring];

describe('a new area', () => {
    const job = { ...skiffJob(), stages: [{ stage: 'layout', label: 'Layout', says: 'in order' }, { stage: 'anchoring', label: 'Anchoring', says: '1 to decide' }] } as PlannedJob;

    it('has its place in the order of work, as the server calls it, with what is under way', () => {
        rendered(
            <MemoryRouter>
                <AreasContext value={AREAS_WITH}>
                    <OrderOfWork job={job} stage="anchoring" />
                </AreasContext>
            </MemoryRouter>,
        );
        const link = screen.getByRole('link', { name: /Anchoring/ });
        expect(link.getAttribute('href')).toBe('/jobs/1/anchoring');
        expect(link.getAttribute('aria-current')).toBe('page');
        expect(link.textContent).toContain('1 to decide');
        expect(link.textContent).toContain('1 fathoms out');
    });

    it('has its keys told at its own stage only', async () => {
        const keysAt = (stage: string) => (
            <AreasContext value={AREAS_WITH}>
                <Keys stage={stage} opened onClose={() => undefined} />
            </AreasContext>
        );
        const { again } = rendered(keysAt('anchoring'));
        expect(await screen.findByText('heave to')).toBeTruthy();
        expect(screen.getByText('undo')).toBeTruthy();
        expect(screen.queryByText('the power tree above')).toBeNull();
        again(keysAt('power'));
        expect(screen.queryByText('heave to')).toBeNull();
        expect(screen.getByText('the power tree above')).toBeTruthy();
    });

    it('is named once: every stage of the list has one area', () => {
        expect(AREAS.map((area) => area.stage)).toEqual(['survey', 'layout', 'power', 'sonar', 'day', 'kit', 'rig', 'meter']);
    });
});
