import { Button, Textarea } from '@mantine/core';
import { useState } from 'react';

import { Dialog } from '../look/Dialog';

/** A note or a problem at a step, in words. */
export function SayDialog({ about, onClose, onSay, onAsk }: { about: 'note' | 'problem'; onClose: () => void; onSay: (words: string) => void; onAsk: (words: string) => void }) {
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
            {about === 'problem' && (
                <Button
                    fullWidth
                    variant="outline"
                    mt={8}
                    mih={56}
                    disabled={words.trim().length < 4}
                    onClick={() => {
                        onSay(words.trim());
                        onAsk(words.trim());
                        onClose();
                    }}
                >
                    Keep it, and ask the owner
                </Button>
            )}
        </Dialog>
    );
}
