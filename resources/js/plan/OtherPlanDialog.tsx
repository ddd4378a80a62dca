import { Button, Group, List, Text, Title } from '@mantine/core';

import type { OtherPlan } from '../api/types';
import { Dialog } from '../look/Dialog';

interface Props {
    title: string;
    /** undefined: it is being looked at */
    other: OtherPlan | undefined;
    /** why it cannot be looked at */
    error: Error | null;
    /** what the button says that puts it in the place of the plan; undefined: this person may only look */
    act?: string;
    onAct: (base: number) => void;
    onClose: () => void;
}

/** Another plan beside the one that stands: what would be otherwise and what that comes to, before it takes its place. */
export function OtherPlanDialog({ title, other, error, act, onAct, onClose }: Props) {
    return (
        <Dialog opened onClose={onClose} title={title}>
            {error !== null && <p role="alert">{error.message}</p>}
            {other === undefined && error === null && <p>Looking at it…</p>}
            {other !== undefined && (
                <>
                    <Text fz={16} fw={600} mb={8}>
                        <span className="quiet">With it:</span> {other.verdict}
                    </Text>
                    {other.otherwise.length === 0 && <p>It says the same as the plan that stands.</p>}
                    {other.changes.length > 0 && (
                        <List size="sm" aria-label="What it comes to">
                            {other.changes.map((change) => (
                                <List.Item key={change}>{change}</List.Item>
                            ))}
                        </List>
                    )}
                    {other.otherwise.length > 0 && (
                        <>
                            <Title order={3} size={14} mt={12} mb={4}>
                                {other.otherwise.length} {other.otherwise.length === 1 ? 'difference' : 'differences'} from version {other.base}, which stands
                            </Title>
                            <List type="ordered" size="sm" mah="38vh" style={{ overflowY: 'auto' }} tabIndex={0} aria-label="Otherwise than in the plan that stands">
                                {other.otherwise.map((line) => (
                                    <List.Item key={line}>{line}</List.Item>
                                ))}
                            </List>
                        </>
                    )}
                    <Group gap={8} mt={16}>
                        {act !== undefined && other.otherwise.length > 0 && <Button onClick={() => onAct(other.base)}>{act}</Button>}
                        <Button variant="outline" onClick={onClose}>
                            Leave the plan as it is
                        </Button>
                    </Group>
                </>
            )}
        </Dialog>
    );
}
