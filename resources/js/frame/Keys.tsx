import { Dialog } from '../look/Dialog';
import { useAreas } from './areas';
import { SingleKeysSwitch } from '../keys/SingleKeysSwitch';

/** They act at every stage. */
const EVERYWHERE = [
    ['z or Ctrl+Z', 'undo'],
    ['y or Ctrl+Shift+Z', 'redo'],
    ['1 to 9 and 0', 'the stages, in the order of work'],
    ['i', 'what is in hand: its fields, shown or not'],
    ['l', 'log of changes'],
    ['/', 'find a run, a device, a finding, a command'],
    ['?', 'these keys'],
] as const;

/** @param stage whose own keys are told first */
export function Keys({ stage, opened, onClose }: { stage: string; opened: boolean; onClose: () => void }) {
    const own = useAreas().find((area) => area.stage === stage)?.keys ?? [];
    return (
        <Dialog opened={opened} onClose={onClose} title="Keys">
            <dl style={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: '4px 16px', margin: '0 0 16px' }}>
                {[...own, ...EVERYWHERE].map(([key, what]) => (
                    <div key={key} style={{ display: 'contents' }}>
                        <dt className="figure">{key}</dt>
                        <dd style={{ margin: 0 }}>{what}</dd>
                    </div>
                ))}
            </dl>
            <SingleKeysSwitch />
        </Dialog>
    );
}
