import type { DayRun, PatchStep, Plan } from '../api/types';

export type Phase = NonNullable<NonNullable<Plan['trip']>['phases']>[number];

/** h that an arrow key stretches a phase, and that a drag is rounded to */
export const STEP_H = 1 / 12;

/** h of a phase whose plan does not say */
const USUAL_H = 1;

export const hoursOf = (phase: Phase): number => phase.hours ?? USUAL_H;

/** Hours as they are written: to the minute. */
export const written = (hours: number): number => Number((Math.round(Math.max(0, hours) * 60) / 60).toFixed(4));

/** The change that gives one phase of a plan as it is other fields; none, where somebody took it out. */
export function withPhase(plan: Plan, which: number, fields: (phase: Phase) => Partial<Phase>): { patch: PatchStep[] } {
    const phases = plan.trip?.phases ?? [];
    const phase = phases[which];
    return { patch: phase === undefined ? [] : phaseChanged(phases, which, fields(phase)) };
}

/** The change that gives one phase other fields. */
export function phaseChanged(phases: readonly Phase[], which: number, fields: Partial<Phase>): PatchStep[] {
    return [{ on: 'plan', set: { 'trip.phases': phases.map((phase, at) => (at === which ? { ...phase, ...fields } : phase)) } }];
}

/** The change that puts a phase of a plan as it is elsewhere in the day; none, where it stays or somebody took it out. */
export function movedTo(plan: Plan, which: number, to: number): { patch: PatchStep[] } {
    const phases = plan.trip?.phases ?? [];
    const phase = phases[which];
    if (phase === undefined || to === which || to < 0 || to >= phases.length) {
        return { patch: [] };
    }
    const others = phases.filter((_, at) => at !== which);
    return { patch: [{ on: 'plan', set: { 'trip.phases': [...others.slice(0, to), phase, ...others.slice(to)] } }] };
}

/** A run that was answered before the last change, with the phases as the plan has them now: they need nobody's arithmetic, and follow the hand at once. */
export function withPhasesOf(plan: Plan, run: DayRun): DayRun {
    let begun = 0;
    const phases = (plan.trip?.phases ?? []).map((phase) => {
        const minutes = 60 * hoursOf(phase);
        begun += minutes;
        return { name: phase.name ?? '', at_min: begun - minutes, minutes, engine: phase.engine ?? false, home: phase.home ?? false };
    });
    return { ...run, phases, hours: begun / 60 };
}
