import { Dialog } from '../look/Dialog';

export interface Rule {
    code: string;
    speaks_when: string;
    because: string;
    source: string;
    mark: string;
}

/** What a rule speaks of, and on whose word. */
export function RuleCard({ rule, onClose }: { rule: Rule; onClose: () => void }) {
    return (
        <Dialog opened onClose={onClose} title={`Rule ${rule.code}`}>
            <p>
                It speaks when {rule.speaks_when}, because {rule.because}.
            </p>
            <p>
                <strong>Source:</strong> {rule.source} ({rule.mark}).
            </p>
        </Dialog>
    );
}
