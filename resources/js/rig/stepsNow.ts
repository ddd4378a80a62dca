import type { RigStep, Work } from '../api/types';

/** The steps of the plan, with what is done otherwise than the first time: a bank that has been live is proven dead. */
export function stepsNow(planned: RigStep[], work: Work | undefined): RigStep[] {
    const otherwise = new Map((work?.otherwise ?? []).map((one) => [one.step, one]));
    return otherwise.size === 0
        ? planned
        : planned.map((step) => {
              const now = otherwise.get(step.id);
              return now === undefined ? step : { ...step, says: now.says, holds: now.holds };
          });
}
