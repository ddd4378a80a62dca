// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';

import type { Plan, PlannedJob } from '../../resources/js/api/types';
import { PowerList } from '../../resources/js/drawings/PowerList';
import { layOut } from '../../resources/js/drawings/powerTreeLayout';
import { SonarList } from '../../resources/js/drawings/SonarList';
import { tellingOrder } from '../../resources/js/drawings/tellingOrder';
import { skiffJob } from './job';
import { rendered } from './rendered';

const power = (job: PlannedJob, onSelect = vi.fn()) => {
    rendered(<PowerList job={job} selected="device:motor" touched={['device:hub']} onSelect={onSelect} />);
    return onSelect;
};
const runsIn = (list: HTMLElement) => [...list.querySelectorAll('[data-run]')].map((one) => one.getAttribute('data-run'));

describe('the power tree as a list', () => {
    it('has every circuit of the drawing once, in the same order', () => {
        const job = skiffJob();
        power(job);
        const list = screen.getByRole('list', { name: /^Power tree as a list/ });
        const drawn = layOut(job).runs.map(({ run }) => run.id);
        expect(runsIn(list)).toEqual(drawn);
        const devices = [...list.querySelectorAll('[data-figure^="device:"]')].map((one) => one.getAttribute('data-figure')?.split(':')[1]);
        expect(devices).toEqual(layOut(job).devices.map(({ id }) => id));
    });

    it('takes in hand what is pressed, and says what is', async () => {
        const job = skiffJob();
        const onSelect = vi.fn();
        const { hand } = rendered(<PowerList job={job} selected="device:motor" touched={['device:hub']} onSelect={onSelect} />);
        await hand.click(screen.getByRole('button', { name: /Tiller screen|display, tiller/i }));
        expect(onSelect).toHaveBeenCalledWith('device:tiller-display');
        const pressed = screen.getAllByRole('button', { pressed: true });
        expect(pressed).toHaveLength(1);
        expect(document.querySelectorAll('[data-touched]')).toHaveLength(1);
    });

    it('signs in words what speaks against a part, never by colour alone', () => {
        const job = skiffJob();
        job.evaluation.findings = [{ on: 'device:hub', level: 'stop', stage: 'power' }, { on: 'device:motor', level: 'note', stage: 'power' }] as unknown as PlannedJob['evaluation']['findings'];
        power(job);
        expect(screen.getAllByText(/stop/)).toHaveLength(1);
        expect(document.querySelectorAll('[data-worst]')).toHaveLength(1);
    });

    it('says that a feed has no fuse', () => {
        const job = skiffJob();
        delete job.plan.feeds?.[0]?.protection;
        power(job);
        expect(screen.getByText('no fuse')).toBeTruthy();
    });

    it('ends where blocks lead back to themselves, and tells a block that two circuits feed at the first', () => {
        const plan = {
            banks: [{ id: 'house', strings: [['b1']] }],
            feeds: [{ id: 'f1', from: { bank: 'house' }, to: { block: 'one' } }, { id: 'f2', from: { bank: 'house' }, to: { block: 'two' } }],
            blocks: [{ id: 'one', branches: [{ id: 'on', to: { block: 'two' } }] }, { id: 'two', branches: [{ id: 'back', to: { block: 'one' } }, { id: 'lamp', to: { device: 'light' } }] }],
        } as unknown as Plan;
        const { blocks, devices } = tellingOrder(plan);
        expect([...blocks]).toEqual([['one', 'f1'], ['two', 'on']]);
        expect([...devices]).toEqual(['light']);
        const job = skiffJob({ runs: ['f1', 'f2', 'on', 'back', 'lamp'].map((id) => ({ id, of: id.startsWith('f') ? 'feed' : 'branch', label: id, gauge: '10 AWG', alternatives: [] })) });
        power({ ...job, plan: { ...plan, devices: [{ id: 'light', kind: 'light' }, { id: 'spare', kind: 'light' }] } as unknown as Plan });
        expect(runsIn(document.body)).toEqual(['f1', 'on', 'back', 'lamp', 'f2']);
        expect(screen.getByRole('button', { name: /^Spare/ })).toBeTruthy();
    });
});

describe('the sonar map as a list', () => {
    const sounding = (reached: boolean, needed: number): PlannedJob => {
        const job = skiffJob();
        const transducers = (job.plan.network?.transducers ?? []).map(({ id }) => ({ id, reached, chain: id === 'transom-transducer' ? ['adapter-a-b'] : [], functions: ['depth'], lost: [], cable_needed_m: needed }));
        return { ...job, evaluation: { ...job.evaluation, network: { transducers, ports: [{ device: 'hub', ports: 5, used: 3 }], screens: [], backbones: [] } } };
    };
    const list = (job: PlannedJob) => {
        rendered(<SonarList job={job} selected="" onSelect={() => undefined} />);
        return screen.getByRole('list', { name: /^Sonar map as a list/ });
    };

    it('tells each cable from its transducer to its socket, with what joins the plugs between', () => {
        const job = sounding(true, 1);
        const items = [...list(job).querySelectorAll<HTMLElement>('[data-transducer]')];
        expect(items.map((one) => one.getAttribute('data-transducer'))).toEqual((job.plan.network?.transducers ?? []).map(({ id }) => id));
        const transom = items.find((one) => one.getAttribute('data-transducer') === 'transom-transducer') as HTMLElement;
        expect(within(transom).getAllByRole('button')).toHaveLength(2);
        expect(transom.textContent).toMatch(/1 m needed.* to stow.*into /);
    });

    it('says what lacks, and where nothing joins', () => {
        expect(list(sounding(true, 99)).textContent).toMatch(/⬣ lacks \d/);
        document.body.replaceChildren();
        expect(list(sounding(false, 99)).textContent).toMatch(/missing: nothing joins it/);
    });
});
