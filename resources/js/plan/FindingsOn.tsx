import type { Finding, PatchStep, PlannedJob } from '../api/types';
import { Found } from './Findings';
import classes from './Findings.module.css';
import type { PlanEdits } from './usePlanEdits';
import { useRemedies } from './useRemedies';

export interface FindingsOnProps {
    job: PlannedJob;
    edits: PlanEdits;
    on: string;
    onWhy: (figure: string) => void;
    onLook: (patch: PatchStep[] | null) => void;
}

/** What the rulebook says of one part, with its remedies. */
export function FindingsOn({ on, ...props }: FindingsOnProps) {
    const findings = props.job.evaluation.findings.filter((finding) => finding.on === on);
    // Remedies are asked for only where there is something to mend.
    return findings.length === 0 ? null : <WithRemedies {...props} findings={findings} />;
}

function WithRemedies({ job, edits, findings, onWhy, onLook }: Omit<FindingsOnProps, 'on'> & { findings: Finding[] }) {
    const tried = useRemedies(job);
    return (
        <ul className={classes.list} aria-label="Findings of it">
            {findings.map((finding, at) => (
                <Found key={`${finding.rule} ${at}`} job={job} finding={finding} tried={tried} edits={edits} onWhy={onWhy} onShow={null} brief onLook={onLook} />
            ))}
        </ul>
    );
}
