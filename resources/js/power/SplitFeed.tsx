import { Button, Checkbox, SimpleGrid, Stack } from '@mantine/core';
import { useState } from 'react';

import type { PlannedJob } from '../api/types';
import { Dialog } from '../look/Dialog';
import { amps } from '../units/units';
import { block as blockOf, device, feed as feedOf } from '../boat/planParts';
import { partName } from '../boat/parts';
import type { PlanEdits } from '../plan/usePlanEdits';

/** A feed made into two: which branches move to a second block with a feed of its own. */
export function SplitFeed({ job, feed, opened, onClose, edits }: { job: PlannedJob; feed: string; opened: boolean; onClose: () => void; edits: PlanEdits }) {
    const [chosen, setChosen] = useState<string[]>([]);
    const branches = blockOf(job.plan, feedOf(job.plan, feed)?.to.block ?? '')?.branches ?? [];
    const label = (to: { device?: string; block?: string; backbone?: string }) =>
        to.backbone !== undefined ? partName(job, `backbone:${to.backbone}`) : to.device === undefined ? partName(job, `block:${to.block}`) : `${partName(job, `device:${to.device}`)}, ${amps(device(job.plan, to.device)?.peak_a)} at most`;
    const close = () => {
        setChosen([]);
        onClose();
    };
    return (
        <Dialog opened={opened} onClose={close} title="Split this feed">
            <Stack component="form" gap={12}
                
                onSubmit={(event) => {
                    event.preventDefault();
                    void edits.submit(() => ({ propose: { make: 'split', feed, branches: chosen } }));
                    close();
                }}
            >
                <p>A second block beside the first gets a feed and a fuse of its own. What moves there?</p>
                {branches.map((branch, at) => (
                    <Checkbox
                        key={branch.id}
                        data-autofocus={at === 0 || undefined}
                        label={label(branch.to)}
                        checked={chosen.includes(branch.id)}
                        onChange={(event) => setChosen(event.currentTarget.checked ? [...chosen, branch.id] : chosen.filter((id) => id !== branch.id))}
                    />
                ))}
                <SimpleGrid cols={2} spacing={12}>
                    <Button type="submit" disabled={chosen.length === 0 || chosen.length === branches.length}>
                        Split it
                    </Button>
                    <Button variant="outline" onClick={close}>
                        Leave it
                    </Button>
                </SimpleGrid>
            </Stack>
        </Dialog>
    );
}
