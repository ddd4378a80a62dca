import { describe, expect, it } from 'vitest';

import type { Bank, Run } from '../../resources/js/api/types';
import { bankWires, branchOf, deviceName, devicesBehind, houseRung, nextRung, partOf, postOf, protection, ratingField, terminalsOf } from '../../resources/js/boat/planParts';
import { skiffJob } from './job';

const bank = (strings: string[][], jumpers?: Bank['jumpers']) => ({ id: 'thrust', strings, ...(jumpers === undefined ? {} : { jumpers }) }) as Bank;

describe('banks', () => {
    it('joins a string from each plus to the next minus', () => {
        expect(bankWires(bank([['b1', 'b2', 'b3']]))).toEqual([{ from: 'b1+', to: 'b2-' }, { from: 'b2+', to: 'b3-' }]);
    });

    it('joins strings at their tops and at their bottoms', () => {
        expect(bankWires(bank([['b1', 'b2'], ['b3', 'b4']]))).toEqual([
            { from: 'b1+', to: 'b2-' },
            { from: 'b3+', to: 'b4-' },
            { from: 'b2+', to: 'b4+' },
            { from: 'b1-', to: 'b3-' },
        ]);
    });

    it('takes the jumpers that are really there, right or wrong', () => {
        expect(bankWires(bank([['b1', 'b2']], [{ id: 'j', from: 'b1-', to: 'b2-' }]))).toEqual([{ from: 'b1-', to: 'b2-' }]);
    });

    it('finds the post of a terminal', () => {
        const two = bank([['b1', 'b2', 'b3'], ['b4', 'b5', 'b6']]);
        expect(['neg', 'pos', 'tap:1', 'tap:2', 'neg@2', 'pos@2'].map((terminal) => postOf(two, terminal))).toEqual(['b1-', 'b3+', 'b1+', 'b2+', 'b4-', 'b6+']);
        expect(terminalsOf(two)).toEqual(['neg', 'pos', 'neg@2', 'pos@2', 'tap:1', 'tap:2']);
    });
});

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
        expect(deviceName(job.plan, 'motor')).toBe('Bow motor 36 V');
        expect(deviceName(job.plan, 'gone')).toBe('gone');
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
