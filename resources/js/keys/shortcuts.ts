import { useEffect, useRef } from 'react';

const STORED = 'dinghy-single-keys';

export function singleKeysOn(): boolean {
    return localStorage.getItem(STORED) !== 'off';
}

export function setSingleKeys(on: boolean): void {
    localStorage.setItem(STORED, on ? 'on' : 'off');
}

/** Single keys act only while no field has the focus, and can be switched off. Ctrl+Z and Ctrl+Shift+Z always act. */
export function useShortcuts(actions: Record<string, () => void>): void {
    const current = useRef(actions);
    useEffect(() => {
        current.current = actions;
    });
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const target = event.target instanceof HTMLElement ? event.target : null;
            if (target !== null && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) || target.closest('[role="dialog"]') !== null)) {
                return;
            }
            const command = event.ctrlKey || event.metaKey;
            const key = command ? (event.key.toLowerCase() === 'z' ? (event.shiftKey ? 'redo' : 'undo') : '') : event.key;
            const action = current.current[key];
            if (action !== undefined && !event.altKey && (command || singleKeysOn())) {
                event.preventDefault();
                action();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
}
