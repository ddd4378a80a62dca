import { Button, Group, Title } from '@mantine/core';

import type { PatchStep, PlannedJob } from '../api/types';
import { partName } from '../boat/parts';
import type { PlanEdits } from './usePlanEdits';

/** Parts whose catalogue has other figures now than the plan took over. The plan keeps its own until they are taken. */
export function Newer({ job, edits, onLook }: { job: PlannedJob; edits: PlanEdits; onLook: (patch: PatchStep[] | null) => void }) {
    return (
        <>
            <Title order={3} size={15} mt={12} mb={4}>
                The catalogue has newer figures
            </Title>
            <ul className="bare">
                {job.newer.map((newer) => (
                    <Group component="li" gap="4px 8px" py={3} key={newer.on}>
                        <span>
                            {newer.changes.join('; ')}
                        </span>
                        {job.can_change && (
                            <Button
                                size="compact-xs"
                                variant="outline"
                                aria-label={`Take the newer figures of ${partName(job, newer.on)}`}
                                onFocus={() => onLook(newer.patch)}
                                onBlur={() => onLook(null)}
                                onClick={() => {
                                    onLook(null);
                                    void edits.submit(() => ({ patch: newer.patch }));
                                }}
                            >
                                Take the newer figures
                            </Button>
                        )}
                    </Group>
                ))}
            </ul>
        </>
    );
}
