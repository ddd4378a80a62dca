import { describe, expect, it } from 'vitest';

import type { Run } from '../../resources/js/api/types';
import { partName } from '../../resources/js/boat/parts';
import { branchOf, devicesBehind, houseRung, nextRung, partOf, protection, ratingField } from '../../resources/js/boat/planParts';
import { skiffJob } from './job';

describe('runs', () => {
    const job = skiffJob();

    it('knows what draws through a run', () => {
        expect(devicesBehind(job.plan, 'bow-motor')).toEqual(['motor']);
        expect(devicesBehind(job.plan, 'house').sort()).toEqual(['bow-display', 'hub', 'live-sonar', 'tiller-display']);
        expect(devicesBehind(job.plan, 'br-tiller-display')).toEqual(['tiller-display']);
        expect(devicesBehind(job.plan, 'nothing')).toEqual([]);
    });

    it('finds a branch with its block, and names', () => {
        expect(branchOf(job.plan, 'br-tiller-display')?.block.id).toBe('bow-block');
        expect(branchOf(job.plan, 'house')).toBeUndefined();
        expect(partName(job, 'device:motor')).toBe('Bow motor 36 V');
        expect(partName(job, 'device:not-yet-heard-of')).toBe('Not yet heard of');
    });

    it('says which field holds the rating of its first fuse', () => {
        const run = (id: string, of: string) => ({ id, of }) as Run;
        expect(ratingField(job.plan, run('house', 'feed'))).toBe('protection.0.rating_a');
        expect(ratingField(job.plan, run('br-tiller-display', 'branch'))).toBe('fuse_a');
        const bare = structuredClone(job.plan);
        for (const feed of bare.feeds ?? []) {
            delete feed.protection;
        }
        expect(ratingField(bare, run('house', 'feed'))).toBeNull();
        expect(partOf(run('house', 'feed'))).toBe('feed:house');
    });

    it('takes one object for a list of one', () => {
        const feed = job.plan.feeds?.[0];
        expect(feed === undefined ? null : protection({ ...feed, protection: { family: 'breaker' } })).toEqual([{ family: 'breaker' }]);
    });

    it('climbs the ladder and stops at its ends', () => {
        const run = { gauge: '8 AWG', alternatives: [{ gauge: '10 AWG', ok: false }, { gauge: '8 AWG', ok: false }, { gauge: '6 AWG', ok: true }, { gauge: '4 AWG', ok: true }] } as unknown as Run;
        expect(nextRung(run, 1)?.gauge).toBe('6 AWG');
        expect(nextRung(run, -1)?.gauge).toBe('10 AWG');
        expect(nextRung({ ...run, gauge: '4 AWG' }, 1)).toBeUndefined();
        expect(nextRung({ ...run, gauge: '24 AWG' }, 1)).toBeUndefined();
        expect(houseRung(run)?.gauge).toBe('6 AWG');
    });
});
