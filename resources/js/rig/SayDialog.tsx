import { Button, Textarea } from '@mantine/core';
import { useState } from 'react';

import { Dialog } from '../look/Dialog';

/** A note or a problem at a step, in words. */
export function SayDialog({ about, onClose, onSay }: { about: 'note' | 'problem'; onClose: () => void; onSay: (words: string) => void }) {
    const [words, setWords] = useState('');
    return (
        <Dialog opened onClose={onClose} title={about === 'note' ? 'A note at this step' : 'What is wrong here'}>
            <Textarea size="lg" label="In words" rows={3} maxLength={1000} data-autofocus value={words} onChange={(event) => setWords(event.currentTarget.value)} />
            <Button
                fullWidth
                mt={12}
                mih={56}
                disabled={words.trim() === ''}
                onClick={() => {
                    onSay(words.trim());
                    onClose();
                }}
            >
                Keep it
            </Button>
        </Dialog>
    );
}
