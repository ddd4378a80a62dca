import { expect, it } from 'vitest';

import type { RigStep, Work } from '../../resources/js/api/types';
import { stepsNow } from '../../resources/js/rig/stepsNow';

it('a bank that has been live says so at its step, and is held by readings', () => {
    const step = (id: string) => ({ id, says: `${id} as planned`, holds: [{ rule: 'S02' }], needs: ['photograph'] }) as unknown as RigStep;
    const holds = [{ rule: 'S08', readings: ['V, live point', 'V, conductor', 'V, live point again'] }];
    const work = { otherwise: [{ step: 'make-safe:bank:thrust', says: 'prove it dead', holds }] } as unknown as Work;
    const now = stepsNow([step('label:a'), step('make-safe:bank:thrust')], work);
    expect(now[0]).toEqual(step('label:a'));
    expect(now[1]).toEqual({ ...step('make-safe:bank:thrust'), says: 'prove it dead', holds });
    expect(stepsNow([step('label:a')], undefined)).toEqual([step('label:a')]);
});
