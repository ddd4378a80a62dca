import type { Finding, PlannedJob } from '../api/types';

/** Stages in the order a rigger works in. Only those that exist are shown. */
export const STAGES = [
    ['survey', 'Survey'],
    ['layout', 'Layout'],
    ['power', 'Power'],
] as const;
export type StageName = (typeof STAGES)[number][0];

const OF_SURVEY = ['D09', 'S07'];
const OF_LAYOUT = /^(M\d\d|W08|W09|W10|W11|W15|W17|N05|N06|B24)$/;

/** The stage at which a rule's part is seen and mended. */
export function stageOf(rule: string): StageName {
    return OF_SURVEY.includes(rule) ? 'survey' : OF_LAYOUT.test(rule) ? 'layout' : 'power';
}

/** How a stage stands, in a word or two. */
export function stateOf(job: PlannedJob, stage: StageName): string {
    const found = job.evaluation.findings.filter((finding) => stageOf(finding.rule) === stage);
    const count = (level: Finding['level']) => found.filter((finding) => finding.level === level && !job.decided.some((one) => one.occasion === finding.occasion)).length;
    const [stops, decisions] = [count('stop'), count('warn')];
    if (stops > 0) {
        return `${stops} ${stops === 1 ? 'stop' : 'stops'}`;
    }
    if (decisions > 0) {
        return `${decisions} to decide`;
    }
    const begun = { survey: job.plan.survey !== undefined, layout: (job.plan.boat?.stations ?? []).length > 0, power: (job.plan.banks ?? []).length > 0 }[stage];
    return !begun ? 'not begun' : job.evaluation.unchecked.some((rule) => stageOf(rule.rule) === stage) ? 'not all checked' : 'in order';
}
